package zephyrdune.shoot.brief;

/** None, or none that is reckoned with: what the sets say of their room holds the whole day. */
public record NoDaylight() implements Daylight {}
