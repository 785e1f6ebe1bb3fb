package zephyrdune.shoot.brief;

/** Whether the room's own light was measured on the day, with the light off. */
public sealed interface RoomMeasured permits NotMeasured, MeasuredAt {}
