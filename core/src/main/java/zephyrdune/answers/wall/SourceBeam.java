package zephyrdune.answers.wall;

import zephyrdune.set.light.Bare;
import zephyrdune.set.light.Light;
import zephyrdune.set.source.LedPanel;
import zephyrdune.set.source.LedPoint;
import zephyrdune.set.source.MainsFlash;
import zephyrdune.set.source.Source;

/** Full angle to half the intensity of a bare source, where one angle tells its beam. */
final class SourceBeam implements BeamNumber.Access {

    private static final double NARROWEST = Math.PI / 36;
    private static final double WIDEST = Math.PI * 17 / 18;

    @Override
    public boolean in(Light light) {
        return light.spread() instanceof Bare && of(light) > 0;
    }

    @Override
    public double of(Light light) {
        Source source = light.source();
        if (source instanceof MainsFlash head) {
            return head.beamAngle();
        } else if (source instanceof LedPoint spot) {
            return spot.beamAngle();
        }
        return source instanceof LedPanel panel ? panel.beamAngle() : 0;
    }

    @Override
    public Light with(Light light, double wanted) {
        double angle = BeamNumber.Access.between(wanted, NARROWEST, WIDEST);
        Source source = light.source();
        if (source instanceof MainsFlash head) {
            return light.withSource(new MainsFlash(head.output(), angle, head.colourTemperature(), head.dial()));
        } else if (source instanceof LedPoint spot) {
            return light.withSource(new LedPoint(spot.output(), angle, spot.colourTemperature(), spot.dial()));
        } else if (source instanceof LedPanel panel) {
            return light.withSource(new LedPanel(panel.output(), angle, panel.colourTemperature(), panel.dial()));
        }
        return light;
    }
}
