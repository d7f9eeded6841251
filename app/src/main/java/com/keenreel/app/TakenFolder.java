package com.keenreel.app;

import com.keenreel.app.store.InUse;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says in a sentence why it does not start with a folder that another process has. */
class TakenFolder extends AbstractFailureAnalyzer<InUse.Taken> {
    @Override
    protected FailureAnalysis analyze(Throwable root, InUse.Taken taken) {
        return new FailureAnalysis(String.valueOf(taken.getMessage()), null, taken);
    }
}
