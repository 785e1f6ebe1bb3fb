package zephyrdune.source;

/** How a flash's output is stated. */
public sealed interface FlashOutput permits GuideNumber, WattSeconds, MeteredAperture {}
