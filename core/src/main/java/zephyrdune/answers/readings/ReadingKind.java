package zephyrdune.answers.readings;

import zephyrdune.units.measure.Unit;

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
    SOLID_ANGLE(
            "Solid angle",
            Unit.STERADIAN,
            "How much of all directions the light fills, seen from the hero. Half of them are 2 pi.",
            "Sum over triangles of 2 atan2(a . b x c, 1 + a . b + b . c + c . a)",
            "A. van Oosterom, J. Strackee, IEEE Trans. Biomed. Eng. 30, 1983",
            "A bigger or nearer light, or one turned to the hero, raises it"),
    TIP_EDGE(
            "Shadow edge at the tip",
            Unit.METRE,
            "Width of the soft edge on the table where the rim's shadow ends, measured along the shadow from "
                    + "full shadow to full light.",
            "Planes through the edge and the outermost points of the face, cut with the table",
            "Similar triangles",
            "A smaller or farther light hardens it, a steeper one shortens it"),
    TIP_EDGE_SEEN(
            "Edge as seen, at the tip",
            Unit.METRE,
            "The part of the soft edge at the tip from a tenth to nine tenths of the light: about what the "
                    + "eye takes for the edge.",
            "10 % to 90 % of E past the edge / E open, both by Lambert's contour formula",
            "J. H. Lambert, Photometria, 1760; 10-90 % is the usual measure of an edge",
            "A smaller, farther or hotter-centred light hardens it"),
    SIDE_EDGE(
            "Shadow edge at the side",
            Unit.METRE,
            "Width of the soft edge on the table along the side of the rim's shadow, measured across the " + "shadow.",
            "Planes through the edge and the outermost points of the face, cut with the table",
            "Similar triangles",
            "A narrower or farther light hardens it"),
    SIDE_EDGE_SEEN(
            "Edge as seen, at the side",
            Unit.METRE,
            "The part of the soft edge at the side from a tenth to nine tenths of the light.",
            "10 % to 90 % of E past the edge / E open, both by Lambert's contour formula",
            "J. H. Lambert, Photometria, 1760; 10-90 % is the usual measure of an edge",
            "A narrower, farther or hotter-centred light hardens it"),
    EDGE_SHOWN(
            "Shadow edge",
            Unit.METRE,
            "The soft edge where the picture shows it, from a tenth to nine tenths: at the tip of the shadow, or at its side where the tip "
                    + "lies out of the frame.",
            "10 % to 90 % of E past the edge / E open, both by Lambert's contour formula",
            "J. H. Lambert, Photometria, 1760; 10-90 % is the usual measure of an edge",
            "A bigger or nearer light softens it"),
    EDGE_TO_RIM(
            "Edge to dish",
            Unit.RATIO,
            "The soft edge at the tip over the height of the rim that throws it. Far under 1 a shadow looks "
                    + "hard, over 1 it dissolves.",
            "Edge at the tip / height of the rim",
            "Similar triangles",
            "A bigger light softens it, a lower dish does not change it much"),
    SHADOW_LENGTH(
            "Shadow length",
            Unit.METRE,
            "From under the rim to the middle of the shadow's tip.",
            "h / tan(height angle seen from the rim)",
            "Similar triangles",
            "A higher light shortens it"),
    SHADOW_CLOCK(
            "Shadow points to",
            Unit.CLOCK_RADIAN,
            "Direction of the shadow, as the clock seen from above: 12 is behind the dish, 6 the camera.",
            "Opposite the light's clock position",
            "Geometry",
            "Moving the light round the table"),
    SHADOW_DEPTH(
            "Shadow depth",
            Unit.STOP,
            "How much darker the table is in the middle of the dish's shadow than it would be without the dish, with "
                    + "all light: key, table, walls, cards, room.",
            "log2(E without the dish / E), each the mean of traced samples, looked at until it is sure or says how unsure",
            "J. T. Kajiya, The rendering equation, SIGGRAPH 1986",
            "A white card opposite the light, nearer walls or more room light lift it; a bigger light too"),
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
    BACKDROP_TONE(
            "Backdrop tone",
            Unit.STOP,
            "How bright the backdrop comes out straight behind the hero, by all light and as the camera sees its surface, from "
                    + "mid grey (18 %).",
            "log2(pixel value / 0.18), the mean of traced looks at a patch",
            "ISO 2720:1974 for the exposure; names of tones common practice, no published source",
            "A backdrop farther away or of another surface, or a nearer light"),
    POINT_RULE_ERROR(
            "Inverse-square error",
            Unit.STOP,
            "How far the inverse-square rule would be off at the hero, were it used for a light this big and "
                    + "near.",
            "log2(I cos / d² / E), I the intensity from afar, E by Lambert's contour formula",
            "J. H. Lambert, Photometria, 1760; the five-times rule of illuminating engineering",
            "A smaller or farther light makes the rule hold"),
    FACE_IN_USE(
            "How evenly the face is lit",
            Unit.RATIO,
            "Share of the face that acts: 1 when it is even. With a bright middle the light is as soft as a smaller one.",
            "(mean L)² / mean L², over the face",
            "Inverse participation ratio, as for the effective size of a weighted sample (L. Kish, Survey Sampling, 1965)",
            "A source farther behind the panel, another baffle"),
    LOST(
            "Lost on the way",
            Unit.STOP,
            "Light of the bare source that does not leave the face: swallowed in cloth and grid, or sent past the edge.",
            "log2(flux of the source / flux of the face)",
            "Conservation of light; what cloth swallows is stated",
            "A source nearer to the panel or zoomed in spills less; fewer layers swallow less"),
    KEY_EXPOSURE(
            "Key at the meter",
            Unit.LUX_SECOND,
            "What the meter reads of the light at the power it is at, straight and by way of table, walls, cards and base; of a surface "
                    + "the incident exposure that counts as much.",
            "E t, or the integral of E over the flash, the mean of traced samples; of a surface L t C / K, C = 250 lx s, K = 12.5 cd s/m²",
            "ISO 2720:1974",
            "Power, distance, losses on the way, and for an LED the shutter"),
    KEY_SHARE(
            "Straight from the light",
            Unit.RATIO,
            "Share of the metered light that comes straight from the light. The rest comes "
                    + "by other ways, and a move of the light changes those otherwise.",
            "H straight / H of all light, each the mean of traced samples",
            "J. T. Kajiya, The rendering equation, SIGGRAPH 1986",
            "Cards, walls and room light near the meter lower it"),
    TABLE_SHARE(
            "By way of the table",
            Unit.RATIO,
            "Share of the metered light that comes by way of table, dishes and backdrop.",
            "H by the table / H of all light",
            "J. T. Kajiya, The rendering equation, SIGGRAPH 1986",
            "A paler table, a nearer or paler backdrop"),
    ROOM_SHARE(
            "By way of the walls",
            Unit.RATIO,
            "Share of the metered light that comes by way of the room's walls and ceiling.",
            "H by the walls / H of all light",
            "J. T. Kajiya, The rendering equation, SIGGRAPH 1986",
            "Nearer or paler walls, a light that spills"),
    CARD_SHARE(
            "By way of the cards",
            Unit.RATIO,
            "Share of the metered light that comes by way of the cards.",
            "H by the cards / H of all light",
            "J. T. Kajiya, The rendering equation, SIGGRAPH 1986",
            "Nearer, larger or paler cards"),
    BASE_SHARE(
            "From the base light",
            Unit.RATIO,
            "Share of the metered light that comes from the base light.",
            "H by the base / H of all light",
            "J. T. Kajiya, The rendering equation, SIGGRAPH 1986",
            "How far under the key the base is set"),
    AMBIENT_SHARE(
            "From the room's own light",
            Unit.RATIO,
            "Share of the metered light that the room's own lamps and windows give while the shutter is open.",
            "H of the room / H of all light",
            "ISO 2720:1974",
            "A shorter shutter under a flash; blinds"),
    POWER(
            "Power",
            Unit.STOP,
            "What to set on the light's own control so that what is metered comes out as wanted, in stops from "
                    + "full power.",
            "log2((H wanted - H room) / H at full power by all ways), H wanted = C N² 2^bias / S, C = 250 lx s; of a surface by L t = K N² 2^bias / S, K = 12.5 cd s/m²",
            "ISO 2720:1974; guide numbers ISO 1230",
            "A nearer light, a wider aperture or a higher speed needs less"),
    OFF_EXPOSURE(
            "Left over",
            Unit.STOP,
            "How far what is metered is from the wanted exposure with the control at its mark; positive is too "
                    + "bright.",
            "log2(H at the mark / H wanted)",
            "ISO 2720:1974",
            "A control with finer marks, or within its range"),
    AMBIENT_UNDER_KEY(
            "Room under the key",
            Unit.STOP,
            "The room's light in the frame against the key's: negative is dimmer. It fills the shadows.",
            "log2(H room / H key), both as traced; for an LED key the time cancels",
            "ISO 2720:1974",
            "With a flash: shutter, and power with aperture or speed. With an LED: power or distance alone"),
    AMBIENT_FRAME(
            "Frame with the light off",
            Unit.STOP,
            "How a frame without the key comes out, against a correct exposure.",
            "log2(E room t / (C N² / S)), C = 250 lx s",
            "ISO 2720:1974; what counts as gone is common practice, no published source",
            "Shutter, aperture, speed, blinds"),
    DEPTH_OF_FIELD(
            "Depth of field",
            Unit.METRE,
            "Depth round the hero that looks sharp, along the lens axis.",
            "s (H - f) / (H - s) less s (H - f) / (H + s - 2f), H = f² / (N c) + f",
            "Thin lens; circle of confusion c of a 1500th of the sensor's diagonal, common practice",
            "A smaller aperture, a wider frame"),
    LIGHT_TINT(
            "Light against white balance",
            Unit.MIRED,
            "Colour of the key against the white balance: positive is warmer than white.",
            "10^6 / T key + gel - 10^6 / T white balance",
            "Mired scale; colours by CIE 15",
            "Gel, white balance"),
    SHADOW_TINT(
            "Shadow against light",
            Unit.MIRED,
            "Colour of the room, which the shadows show, against the key: positive is warmer.",
            "10^6 / T room - (10^6 / T key + gel)",
            "Mired scale; colours by CIE 15",
            "Gel on the key, other lamps in the room"),
    CONTRAST_SEEN(
            "Contrast",
            Unit.STOP,
            "Light on the brightest quarter of what the camera sees of the dish against its darkest quarter, with all light. The same set "
                    + "reads low from the light's side and high from the other.",
            "log2(E bright / E dark), each the mean of traced samples; ranked by some samples, read by others",
            "J. T. Kajiya, The rendering equation, SIGGRAPH 1986; the quarters are common practice",
            "A light more from the side or from behind raises it; a white card opposite, pale walls or room light lower it"),
    HIGHLIGHT_LENGTH(
            "Highlight, longer side",
            Unit.METRE,
            "How long the light's image in the dish is: what glass, metal, glaze and liquid show of the light, measured across the line of "
                    + "sight.",
            "Rays from the camera mirrored at the hero that meet the lit face; the largest group of neighbours",
            "Law of reflection, Euclid's Catoptrics",
            "A taller or nearer light, or a strip along it, makes it longer; a flag or a card's edge in it cuts it"),
    HIGHLIGHT_WIDTH(
            "Highlight, shorter side",
            Unit.METRE,
            "How wide it is. On a bottle a narrow upright one draws the edge, a wide one washes the label out.",
            "As its longer side",
            "Law of reflection, Euclid's Catoptrics",
            "A narrower light, or one farther away, makes it narrower; a strip is the usual way"),
    HIGHLIGHT_ABOVE(
            "Highlight over the dish",
            Unit.STOP,
            "How much brighter it is than half of what is seen of the dish.",
            "log2(L highlight / median L of the hero), the mean of traced samples",
            "J. T. Kajiya, The rendering equation, SIGGRAPH 1986; Fresnel's equations for what is mirrored",
            "A larger light of the same power, or more diffusion, dims it; a bare one makes it glint"),
    LIT_TO_SHADOW(
            "Lit side to shadow side",
            Unit.STOP,
            "How much darker the hero's side away from the key is than its side towards it: its outline at half its height, "
                    + "straight under the key and straight opposite, with all light.",
            "log2(E lit side / E shadow side), each the mean of traced samples, looked at until it is sure or says how unsure",
            "J. T. Kajiya, The rendering equation, SIGGRAPH 1986",
            "A card opposite the key, nearer or larger, lifts the shadow side; a black one takes from it"),
    LIT_TO_SHADOW_BARE(
            "The same without cards",
            Unit.STOP,
            "Lit side to shadow side with the cards that only fill taken away; what cuts the key stays.",
            "log2(E lit side / E shadow side), likewise",
            "J. T. Kajiya, The rendering equation, SIGGRAPH 1986",
            "Room, table top and base light"),
    CARD_LIFT(
            "Cards on the shadow side",
            Unit.STOP,
            "What the cards that only fill do to the hero's shadow side: above nothing they fill, below they take away.",
            "log2(E shadow side with them / E shadow side without)",
            "J. T. Kajiya, The rendering equation, SIGGRAPH 1986",
            "Size, distance, finish and turn of the cards"),
    CARD_TINT(
            "Tint of the cards",
            Unit.MIRED,
            "Colour of what the cards send to the shadow side, against the key: positive is warmer.",
            "10^6 / T of their light - 10^6 / T of the key's",
            "Mired scale; colours by CIE 15, C. S. McCamy, Color Research and Application 17, 1992",
            "Gold warms; white, silver and mirror hardly do"),
    STRIP_FULL(
            "Strip in full light",
            Unit.METRE,
            "Width on which flags, slit or doors leave at least 99 % of the open light, through the middle of the hero's top.",
            "E past the cards / E open, both by Lambert's contour formula",
            "J. H. Lambert, Photometria, 1760",
            "A wider gap, a smaller light, or flags nearer to the hero"),
    STRIP_HALF(
            "Strip to half",
            Unit.METRE,
            "Width of the strip between the places with half of its brightest share.",
            "E past the cards / E open, both by Lambert's contour formula",
            "J. H. Lambert, Photometria, 1760",
            "The gap, and how far along the light's way it stands"),
    STRIP_EDGE(
            "Edge of the strip",
            Unit.METRE,
            "From a tenth to nine tenths of the strip's brightest share; the mean where both sides are cut.",
            "E past the cards / E open, both by Lambert's contour formula",
            "J. H. Lambert, Photometria, 1760; 10-90 % is the usual measure of an edge",
            "Flags nearer to the hero or a smaller light make it sharper"),
    PATTERN_CONTRAST(
            "Contrast of the pattern",
            Unit.RATIO,
            "How far bright and dark of a thrown pattern lie apart on the hero and about it: 1 is all, 0 is wiped out.",
            "(max - min) / (max + min) of E past the card / E open, over three repeats, as far as the frame goes",
            "A. A. Michelson, Studies in Optics, 1927 (from memory); E by Lambert's contour formula, 1760",
            "A card nearer to the hero, a smaller or farther light"),
    PATCH_SIZE(
            "Patch of light",
            Unit.METRE,
            "Width of the brightest patch nearest to the hero's middle, between the places half way from dark to bright.",
            "E past the card by Lambert's contour formula",
            "J. H. Lambert, Photometria, 1760",
            "Larger openings, a card nearer to the light"),
    PATCH_BLUR(
            "Blur of the patch",
            Unit.METRE,
            "From a tenth to nine tenths of the way from dark to bright at the sides of that patch.",
            "E past the card by Lambert's contour formula",
            "J. H. Lambert, Photometria, 1760",
            "A card nearer to the hero, a smaller or farther light"),
    PATTERN_GONE(
            "Pattern gone from",
            Unit.METRE,
            "Distance from hero to card, along the light's way, from which the blur passes the pattern's repeat.",
            "b = p D / s: s b / a = p (a + b) / a, D = a + b",
            "Similar triangles",
            "A coarser pattern, a smaller or farther light"),
    BASE_UNDER_KEY(
            "Base against the key",
            Unit.STOP,
            "Light of the base on the hero's lit top against the key's: negative is dimmer. Soft sun is one stop under.",
            "log2(H base, by all ways / H key, straight)",
            "Soft sun: common practice, no published source",
            "How far under the key the base is set"),
    BASE_EDGE(
            "Edge by the base",
            Unit.METRE,
            "The soft edge at the tip of the shadow that the base light by itself would throw, from a tenth to nine tenths.",
            "10 % to 90 % of E past the edge / E open, both by Lambert's contour formula",
            "J. H. Lambert, Photometria, 1760",
            "A larger or nearer base");

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

    /** Whether it is found by traced samples, and so sure to about {@link Reading#SURE} alone. */
    public boolean sampled() {
        return switch (this) {
            case SHADOW_DEPTH,
                    CONTRAST_SEEN,
                    HIGHLIGHT_ABOVE,
                    BACKDROP_TONE,
                    LIT_TO_SHADOW,
                    LIT_TO_SHADOW_BARE,
                    CARD_LIFT -> true;
            default -> false;
        };
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
