package org.soberhem.core.formula;

/** Says what is wrong with a sheet and in which line. */
public final class SheetException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final int line;
    private final String problem;

    /**
     * @param line line of the sheet, from 1; 0 if none can be named
     * @param problem what is wrong, in the sheet's own words, and what would be right
     */
    public SheetException(int line, String problem) {
        super(line > 0 ? "line " + line + ": " + problem : problem);
        this.line = line;
        this.problem = problem;
    }

    public SheetException(SourceText where, String problem) {
        this(where.line(), problem);
    }

    public int line() {
        return line;
    }

    public String problem() {
        return problem;
    }
}
