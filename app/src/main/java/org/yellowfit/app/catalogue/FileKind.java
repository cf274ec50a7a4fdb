package org.yellowfit.app.catalogue;

/** The open files that can be brought in. */
public enum FileKind {
    CATALOGUE_CSV,
    CATALOGUE_JSON,
    CLAIMS_CSV;

    /**
     * By the beginning of the file: a JSON file starts with a bracket, a file of claims has a column for the source's
     * kind.
     */
    static FileKind of(String beginning) {
        String start = beginning.replace("\uFEFF", "").stripLeading();
        if (start.startsWith("[") || start.startsWith("{")) {
            return CATALOGUE_JSON;
        }
        String header = start.lines().findFirst().orElse("");
        return header.contains("source_kind") ? CLAIMS_CSV : CATALOGUE_CSV;
    }
}
