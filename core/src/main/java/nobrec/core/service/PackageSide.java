package nobrec.core.service;

/** The sides of a package that limits and surcharges look at. */
public enum PackageSide {
    LONGEST("longest side", Figures.LONGEST),
    SECOND("second longest side", Figures.SECOND),
    GIRTH("length plus girth", Figures.GIRTH);

    private final String words;
    private final int figure;

    PackageSide(String words, int figure) {
        this.words = words;
        this.figure = figure;
    }

    public String words() {
        return words;
    }

    public int figure() {
        return figure;
    }
}
