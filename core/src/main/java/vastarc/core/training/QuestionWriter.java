package vastarc.core.training;

/** Makes questions of a topic: the same draw, level and shop make the same question. */
interface QuestionWriter {

    Question make(SeededRandom draw, int level, TrainingShop shop);
}
