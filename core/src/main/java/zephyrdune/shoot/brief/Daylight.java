package zephyrdune.shoot.brief;

/** Whether daylight comes into the room that a shoot is in. */
public sealed interface Daylight permits NoDaylight, WindowDaylight {}
