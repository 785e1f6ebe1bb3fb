/**
 * Path tracing of the set, layer by layer of light.
 *
 * <p>{@link zephyrdune.render.trace.Scene} is what rays meet. {@link zephyrdune.render.trace.Tracer} follows paths from the eye, or from a matte element:
 * at every {@code PathVertex} it samples the lights ({@code DirectLighting}: next event estimation, with what stands between as an
 * {@code OccluderList} and what clear bodies pass as {@code Transmittance}), then goes on in a direction sampled by the surface: cosine for
 * matte ones, visible normals of GGX for rough mirrors, reflected and refracted rays for clear ones. From the third reflection on Russian
 * roulette decides. {@code Sampler} gives scrambled Sobol points, one pair for every dimension of a path; {@link
 * zephyrdune.render.trace.SampleBudget} says how many. {@link zephyrdune.render.trace.Incidence} estimates irradiance in rounds, with the cards sampled
 * by themselves (multiple importance sampling). Everything ends up in {@link zephyrdune.render.trace.Layers}, for lights of luminance 1.
 */
package zephyrdune.render.trace;
