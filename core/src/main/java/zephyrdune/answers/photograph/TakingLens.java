package zephyrdune.answers.photograph;

/** The lens that a photograph was taken with. */
public sealed interface TakingLens permits UnknownLens, KnownLens {}
