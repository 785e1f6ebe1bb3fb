package zephyrdune.set.room;

/** A window that part of the room's own light comes through. */
public sealed interface Window permits NoWindow, SideWindow {}
