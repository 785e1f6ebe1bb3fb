package zephyrdune.server.records;

import zephyrdune.shoot.log.LightFact;
import zephyrdune.units.measure.Unit;

/** @param value in its unit */
record RecordedReading(LightFact fact, String title, Unit unit, double value) {

    static RecordedReading of(LightFact fact, double value) {
        return new RecordedReading(fact, fact.title(), fact.unit(), value);
    }
}
