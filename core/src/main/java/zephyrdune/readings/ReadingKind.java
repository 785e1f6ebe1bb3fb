package zephyrdune.readings;

import zephyrdune.measure.Unit;

/** What can be read off a set: the words and the reasoning that go with each number. */
public enum ReadingKind {
    SIZE_ACROSS(
            "Size to distance, across",
            Unit.RATIO,
            "Width of the light over its distance from the hero. Equal values give equal shadow edges.",
            "w / D",
            "Common practice; the angle it is seen under is 2 atan(w / 2D)",
            "A wider or nearer light raises it"),
    SIZE_ALONG(
            "Size to distance, along",
            Unit.RATIO,
            "Height of the light over its distance from the hero.",
            "h / D",
            "Common practice; the angle it is seen under is 2 atan(h / 2D)",
            "A taller or nearer light raises it"),
    TIP_EDGE(
            "Shadow edge at the tip",
            Unit.METRE,
            "Width of the soft edge on the table where the rim's shadow ends, measured along the shadow.",
            "Projection of the face's corners past the rim; s b / (a sin i) for a small face",
            "Similar triangles",
            "A smaller or farther light hardens it, a steeper one shortens it"),
    SIDE_EDGE(
            "Shadow edge at the side",
            Unit.METRE,
            "Width of the soft edge on the table along the side of the rim's shadow, measured across the shadow.",
            "Projection of the face's corners past the rim; s b / a for a small face",
            "Similar triangles",
            "A narrower or farther light hardens it"),
    SHADOW_LENGTH(
            "Shadow length",
            Unit.METRE,
            "From under the rim to the middle of the shadow's tip.",
            "h / tan(height angle seen from the rim)",
            "Similar triangles",
            "A higher light shortens it"),
    FALL_OFF_HERO(
            "Across the dish",
            Unit.STOP,
            "Light at the dish's far edge against its edge nearest the light.",
            "log2(E far / E near), E by Lambert's contour formula",
            "J. H. Lambert, Photometria, 1760",
            "A farther light makes it more even"),
    FALL_OFF_FRAME(
            "Across the frame",
            Unit.STOP,
            "Light at the dimmer end of the framed width against the brighter end.",
            "log2(E dim / E bright), E by Lambert's contour formula",
            "J. H. Lambert, Photometria, 1760",
            "A farther light makes it more even; a light from 12 or 6 o'clock evens left and right"),
    BACKDROP_LEVEL(
            "Backdrop level",
            Unit.STOP,
            "Light that falls on the backdrop behind the hero against the light on the hero's top.",
            "log2(E backdrop / E hero), E by Lambert's contour formula",
            "J. H. Lambert, Photometria, 1760",
            "A backdrop farther away, or a light nearer to the hero, makes it darker"),
    POINT_RULE_ERROR(
            "Inverse-square error",
            Unit.STOP,
            "How far the inverse-square rule would be off at the hero, were it used for a light this big and near.",
            "log2(I cos cos / d² / E), I = L A, E by Lambert's contour formula",
            "J. H. Lambert, Photometria, 1760; the five-times rule of illuminating engineering",
            "A smaller or farther light makes the rule hold");

    private final String title;
    private final Unit unit;
    private final String meaning;
    private final String formula;
    private final String source;
    private final String movedBy;

    ReadingKind(String title, Unit unit, String meaning, String formula, String source, String movedBy) {
        this.title = title;
        this.unit = unit;
        this.meaning = meaning;
        this.formula = formula;
        this.source = source;
        this.movedBy = movedBy;
    }

    public String title() {
        return title;
    }

    public Unit unit() {
        return unit;
    }

    public String meaning() {
        return meaning;
    }

    public String formula() {
        return formula;
    }

    public String source() {
        return source;
    }

    public String movedBy() {
        return movedBy;
    }
}
