package zephyrdune.shoot.brief;

/**
 * For how long food may stand out that somebody eats afterwards: the two-hour rule of the United States Department of Agriculture (Food Safety and
 * Inspection Service, "Danger Zone": two hours between 4 and 60 °C, one hour where it is hotter than 32 °C).
 */
public final class TwoHourRule {

    public static final double MINUTES = 120;

    public static final String WORDS =
            "Food that was out for two hours is thrown away, after one where it is hotter than 32 °C (the two-hour rule"
                    + " of the USDA); the kitchen and local rules come first.";

    private TwoHourRule() {}
}
