package zephyrdune.set.room;

/** The room's own light comes from all sides alike. */
public record NoWindow() implements Window {}
