package zephyrdune.render.body;

import zephyrdune.set.dish.Biscuit;
import zephyrdune.set.dish.Block;
import zephyrdune.set.dish.Bottle;
import zephyrdune.set.dish.Bowl;
import zephyrdune.set.dish.Carton;
import zephyrdune.set.dish.Cloth;
import zephyrdune.set.dish.Cup;
import zephyrdune.set.dish.Custard;
import zephyrdune.set.dish.Cutlery;
import zephyrdune.set.dish.Dish;
import zephyrdune.set.dish.DrinkGlass;
import zephyrdune.set.dish.DropperBottle;
import zephyrdune.set.dish.Drum;
import zephyrdune.set.dish.FilledRoll;
import zephyrdune.set.dish.Gateau;
import zephyrdune.set.dish.Heap;
import zephyrdune.set.dish.Jar;
import zephyrdune.set.dish.Loaf;
import zephyrdune.set.dish.Noodles;
import zephyrdune.set.dish.Plate;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.dish.Rolls;
import zephyrdune.set.dish.Salad;
import zephyrdune.set.dish.ServingBoard;
import zephyrdune.set.dish.Sorbet;
import zephyrdune.set.dish.SqueezeTube;
import zephyrdune.set.dish.Stack;
import zephyrdune.set.dish.Tart;
import zephyrdune.set.dish.Tin;
import zephyrdune.set.dish.Watch;

/** The body of every dish. Its outermost edges are the rims that the readings speak of. */
public final class Bodies {

    private Bodies() {}

    /** Where it stands on the table. */
    public static Body of(Prop prop) {
        return of(prop.body()).moved(prop.x(), prop.y(), prop.lift(), prop.turn());
    }

    public static Body of(Dish dish) {
        if (dish instanceof Plate plate) {
            return Crockery.plate(plate);
        } else if (dish instanceof Bowl bowl) {
            return Crockery.bowl(bowl);
        } else if (dish instanceof ServingBoard board) {
            return Crockery.board(board);
        } else if (dish instanceof Cloth cloth) {
            return Crockery.cloth(cloth);
        } else if (dish instanceof Cutlery cutlery) {
            return Crockery.cutlery(cutlery);
        } else if (dish instanceof Block block) {
            return Food.block(block);
        } else if (dish instanceof Drum drum) {
            return Food.drum(drum);
        } else if (dish instanceof Stack stack) {
            return Food.stack(stack);
        } else if (dish instanceof Tart tart) {
            return Food.tart(tart);
        } else if (dish instanceof Custard custard) {
            return Food.custard(custard);
        } else if (dish instanceof Loaf loaf) {
            return Food.loaf(loaf);
        } else if (dish instanceof Heap heap) {
            return Food.heap(heap);
        } else if (dish instanceof Biscuit biscuit) {
            return Food.biscuit(biscuit);
        } else if (dish instanceof DrinkGlass glass) {
            return Glassware.drinkGlass(glass);
        } else if (dish instanceof Bottle bottle) {
            return Glassware.bottle(bottle);
        } else if (dish instanceof Jar jar) {
            return Glassware.jar(jar);
        } else if (dish instanceof Cup cup) {
            return Crockery.cup(cup);
        } else if (dish instanceof Salad salad) {
            return Servings.salad(salad);
        } else if (dish instanceof Gateau gateau) {
            return Food.gateau(gateau);
        } else if (dish instanceof Carton carton) {
            return Products.carton(carton);
        } else if (dish instanceof Noodles noodles) {
            return Servings.noodles(noodles);
        } else if (dish instanceof Sorbet sorbet) {
            return Servings.sorbet(sorbet);
        } else if (dish instanceof Rolls rolls) {
            return Servings.rolls(rolls);
        } else if (dish instanceof FilledRoll roll) {
            return Servings.filledRoll(roll);
        } else if (dish instanceof DropperBottle bottle) {
            return Glassware.dropperBottle(bottle);
        } else if (dish instanceof SqueezeTube tube) {
            return Products.tube(tube);
        } else if (dish instanceof Watch watch) {
            return Products.watch(watch);
        }
        return Glassware.tin((Tin) dish);
    }
}
