package com.keenreel.app;

import com.keenreel.app.access.EditorKey;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says in a sentence why it does not start with a folder that has no key. */
class NoKey extends AbstractFailureAnalyzer<EditorKey.NoKey> {
    @Override
    protected FailureAnalysis analyze(Throwable root, EditorKey.NoKey gone) {
        return new FailureAnalysis(String.valueOf(gone.getMessage()), null, gone);
    }
}
