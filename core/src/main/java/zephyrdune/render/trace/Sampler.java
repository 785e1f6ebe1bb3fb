package zephyrdune.render.trace;

import zephyrdune.units.sampling.Sobol;

/** The sample numbers of one path: a pair for every dimension, spread evenly over the samples of a pixel. */
final class Sampler {

    private int seed;

    private int own;

    // what at() and next() leave behind
    double first;
    double second;

    void of(int pixelSeed) {
        seed = pixelSeed;
    }

    void at(int dimension, int index) {
        choose(dimension);
        next(index);
    }

    /** Picks a dimension for {@link #next}. */
    void choose(int dimension) {
        own = Sobol.seed(seed, dimension);
    }

    void next(int index) {
        int shuffled = Sobol.shuffled(index, own);
        first = Sobol.first(shuffled, own);
        second = Sobol.second(shuffled, own);
    }

    /** One number alone. */
    double single(int dimension, int index) {
        int alone = Sobol.seed(seed, dimension);
        return Sobol.first(Sobol.shuffled(index, alone), alone);
    }
}
