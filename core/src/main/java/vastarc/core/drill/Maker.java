package vastarc.core.drill;

/** Makes questions of a topic: the same draw, level and shop make the same question. */
interface Maker {

    Question make(Draw draw, int level, DrillShop shop);
}
