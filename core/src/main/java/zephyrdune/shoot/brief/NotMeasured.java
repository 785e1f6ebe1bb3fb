package zephyrdune.shoot.brief;

/** It was not: it is estimated. */
public record NotMeasured() implements RoomMeasured {}
