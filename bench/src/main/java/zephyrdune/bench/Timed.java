package zephyrdune.bench;

import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** How everything here is timed: samples of single calls, in a process of its own, after four seconds of warming up. */
@State(Scope.Benchmark)
@Fork(1)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 6, time = 1)
@BenchmarkMode(Mode.SampleTime)
public abstract class Timed {}
