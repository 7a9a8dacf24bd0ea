package org.ledgerlamp.training;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.ledgerlamp.core.reading.FeaturedFinding;
import org.ledgerlamp.core.reading.Kind;
import org.ledgerlamp.core.reading.Weights;

/** Learns, of findings by weights that had not seen their authors, what tells those that a label says from the others. */
final class FindingLearner {
    private static final double RIDGE = 1e-2;
    private static final int STEPS = 200;

    private FindingLearner() {}

    /** {@code sentences} with what was learned of the findings of {@code meetings} beside. */
    static Weights learn(List<JudgedFindings> meetings, Weights sentences) {
        List<Map<String, Double>> features = new ArrayList<>();
        List<String> authors = new ArrayList<>();
        List<FeaturedFinding> findings = new ArrayList<>();
        List<Boolean> right = new ArrayList<>();
        for (JudgedFindings meeting : meetings) {
            for (FeaturedFinding finding : meeting.all()) {
                features.add(finding.features());
                authors.add(meeting.author());
                findings.add(finding);
                right.add(meeting.right().contains(finding));
            }
        }
        Rows rows = new Rows(features, authors);
        List<double[]> byColumn = new ArrayList<>();
        for (int column = 0; column < Weights.COLUMNS.size(); column++) {
            float[] target = new float[rows.size()];
            float[] importance = new float[rows.size()];
            for (int row = 0; row < target.length; row++) {
                importance[row] = Weights.column(findings.get(row).finding().kind()) == column ? 1 : 0;
                target[row] = right.get(row) ? 1 : 0;
            }
            boolean any = column != Weights.TURN && column != Weights.column(Kind.POINT) && hasBoth(target, importance);
            byColumn.add(
                    any ? new Regression(rows, target, importance, RIDGE).fit(STEPS) : new double[rows.columns() + 1]);
        }
        return sentences.with(rows.named(byColumn, Weights.FINDING_BIAS));
    }

    private static boolean hasBoth(float[] target, float[] importance) {
        boolean[] seen = new boolean[2];
        for (int row = 0; row < target.length; row++) {
            if (importance[row] > 0) {
                seen[(int) target[row]] = true;
            }
        }
        return seen[0] && seen[1];
    }
}
