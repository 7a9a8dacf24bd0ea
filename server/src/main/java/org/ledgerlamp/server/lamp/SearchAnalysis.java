package org.ledgerlamp.server.lamp;

import org.hibernate.search.backend.lucene.analysis.LuceneAnalysisConfigurationContext;
import org.hibernate.search.backend.lucene.analysis.LuceneAnalysisConfigurer;

/** How words are made alike before they are compared: case, accents and English endings do not matter. */
public class SearchAnalysis implements LuceneAnalysisConfigurer {
    @Override
    public void configure(LuceneAnalysisConfigurationContext context) {
        context.analyzer("talk")
                .custom()
                .tokenizer("standard")
                .tokenFilter("englishPossessive")
                .tokenFilter("lowercase")
                .tokenFilter("asciiFolding")
                .tokenFilter("porterStem");
    }
}
