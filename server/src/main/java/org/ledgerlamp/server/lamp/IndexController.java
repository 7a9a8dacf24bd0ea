package org.ledgerlamp.server.lamp;

import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The search index over HTTP: how its rebuilding goes. */
@RestController
class IndexController {
    private final IndexRebuild rebuild;

    IndexController(IndexRebuild rebuild) {
        this.rebuild = rebuild;
    }

    /** @param rebuild the one under way or the last one, or null */
    record IndexView(IndexRebuild.@Nullable RebuildProgress rebuild) {}

    @GetMapping("/api/search-index")
    IndexView state() {
        return new IndexView(rebuild.progress());
    }

    /** Begins to rebuild the index; it answers as before meanwhile. */
    @PostMapping("/api/search-index/rebuild")
    @ResponseStatus(HttpStatus.ACCEPTED)
    IndexView begin() {
        rebuild.begin();
        return state();
    }
}
