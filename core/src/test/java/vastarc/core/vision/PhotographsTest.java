package vastarc.core.vision;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.LongStream;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.core.domain.material.Family;
import vastarc.core.vision.BeadMeasurer.Measurement;
import vastarc.core.vision.BeadPhotographer.Difficulty;

/**
 * Photographs of simulated beads, made and measured. As many as are asked for by {@code -Dvastarc.photographs}, of each kind, from the seed
 * {@code -Dvastarc.photographs.seed}; {@code benchmarks/measure-photographs} asks for a hundred of each.
 */
class PhotographsTest {

    private static final int COUNT = Integer.getInteger("vastarc.photographs", 6);
    private static final long SEED = Long.getLong("vastarc.photographs.seed", 1000);

    private static final Map<Difficulty, List<Seen>> MEASURED = new EnumMap<>(Difficulty.class);

    /** What came of a picture beside what is true. */
    private record Seen(BeadPhotographer photographer, Measurement measurement) {

        boolean isRefused() {
            return measurement.bead().isEmpty();
        }

        MeasuredBead bead() {
            return measurement.bead().orElseThrow();
        }

        double widthError() {
            return bead().width().meanMm() / photographer.bead.soundWidth() - 1;
        }

        boolean isCovered() {
            return Math.abs(bead().width().meanMm() - photographer.bead.soundWidth())
                    <= bead().width().plusMinus();
        }

        double pitchError() {
            return bead().ripple()
                    .map(ripple -> ripple.pitchMm() / photographer.bead.soundPitch() - 1)
                    .orElse(1.0);
        }

        boolean hasTint() {
            int seen = bead().tint().orElseThrow().band().ordinal();
            return Math.abs(seen - TintName.valueOf(photographer.hottest).ordinal()) <= 1;
        }
    }

    /** Pictures take long to make: those of each kind are made once. */
    private static List<Seen> measured(Difficulty difficulty) {
        return MEASURED.computeIfAbsent(difficulty, kind -> measured(kind, bead -> {}));
    }

    private static List<Seen> measured(Difficulty difficulty, Consumer<SimulatedBead> fault) {
        return LongStream.range(SEED, SEED + COUNT)
                .parallel()
                .mapToObj(seed -> {
                    BeadPhotographer photographer = new BeadPhotographer(seed, difficulty);
                    fault.accept(photographer.bead);
                    return new Seen(
                            photographer,
                            BeadMeasurer.measure(photographer.photograph(), photographer.request(Family.STAINLESS)));
                })
                .toList();
    }

    private static long count(List<Seen> seen, Predicate<Seen> which) {
        return seen.stream().filter(which).count();
    }

    /** Of all pictures; those that are refused count as said, not as wrong. */
    @ParameterizedTest
    @CsvSource({"CLEAN, 0.03, 0.05, 0.85", "SHOP, 0.06, 0.10, 0.8", "BAD, 0.12, 0.10, 0"})
    void widthAndRipplesAreRightOrRefused(Difficulty difficulty, double width, double pitch, double leastMeasured) {
        List<Seen> all = measured(difficulty);
        List<Seen> measured = all.stream().filter(seen -> !seen.isRefused()).toList();
        long right = count(measured, seen -> Math.abs(seen.widthError()) <= width);
        long pitches = count(measured, seen -> Math.abs(seen.pitchError()) <= pitch);
        long covered = count(measured, Seen::isCovered);
        long tints = count(measured, Seen::hasTint);
        System.out.printf(
                "%s: %d pictures, %d refused, width within %.0f %%: %d, ripples within %.0f %%: %d, covered: %d, tint right or next: %d%n",
                difficulty,
                all.size(),
                all.size() - measured.size(),
                100 * width,
                right,
                100 * pitch,
                pitches,
                covered,
                tints);

        assertThat(measured.size()).isGreaterThanOrEqualTo((int) (leastMeasured * all.size()));
        assertThat(right + all.size() - measured.size()).isGreaterThanOrEqualTo(Math.round(0.9 * all.size()));
        assertThat(pitches).isGreaterThanOrEqualTo(Math.round(0.9 * measured.size()));
        if (difficulty != Difficulty.BAD) {
            assertThat(covered).isGreaterThanOrEqualTo(Math.round(0.8 * measured.size()));
            assertThat(tints).isGreaterThanOrEqualTo(Math.round(0.8 * measured.size()));
        }
    }

    @Test
    void aSeamThatNobodyDrewIsFound() {
        BeadPhotographer photographer = new BeadPhotographer(18, Difficulty.CLEAN);
        MeasureRequest drawn = photographer.request(Family.STAINLESS);
        Measurement found =
                BeadMeasurer.measure(photographer.photograph(), MeasureRequest.of(drawn.scale(), List.of()));

        assertThat(found.bead().orElseThrow().width().meanMm())
                .isCloseTo(photographer.bead.soundWidth(), Percentage.withPercentage(3));
    }

    @Test
    void aMirroredStripIsRefused() {
        BeadPhotographer photographer = new BeadPhotographer(18, Difficulty.CLEAN, 1600, 1200, true);

        assertThat(BeadMeasurer.measure(photographer.photograph(), photographer.request(Family.STAINLESS))
                        .refused())
                .contains(MeasureRefusal.NO_SCALE);
    }

    @Test
    void steelIsNotJudgedByItsTint() {
        BeadPhotographer photographer = new BeadPhotographer(18, Difficulty.CLEAN);
        MeasuredBead bead = BeadMeasurer.measure(photographer.photograph(), photographer.request(Family.STEEL))
                .bead()
                .orElseThrow();

        assertThat(bead.tint()).isEmpty();
        assertThat(bead.travel().orElseThrow())
                .isEqualTo(bead.ripple().orElseThrow().pitchMm() * 1.2 * 60);
    }

    /** A toe that a person has moved stays where it was put, and what is left out no longer counts. */
    @Test
    void aPersonHasTheLastWord() {
        BeadPhotographer photographer = new BeadPhotographer(18, Difficulty.CLEAN);
        MeasureRequest asked = photographer.request(Family.STAINLESS);
        double middle = photographer.bead.lengthMm / 2;
        PixelPoint moved =
                photographer.see(middle, photographer.bead.middle(middle) + photographer.bead.widthMm / 2 + 1.2);
        MeasureRequest corrected = new MeasureRequest(
                asked.scale(),
                asked.seam(),
                asked.family(),
                asked.dabHz(),
                asked.clean(),
                List.of(new MeasureRequest.Stretch(10, 20)),
                List.of(moved));
        Photo photo = photographer.photograph();
        MeasuredBead before = BeadMeasurer.measure(photo, asked).bead().orElseThrow();
        MeasuredBead after = BeadMeasurer.measure(photo, corrected).bead().orElseThrow();

        assertThat(after.width().along()).hasSizeLessThan(before.width().along().size() - 8);
        // Half of a block lies between them along the seam.
        double nearest = after.outline().stream()
                .mapToDouble(
                        toe -> Math.min(toe.left().distance(moved), toe.right().distance(moved)))
                .min()
                .orElseThrow();
        assertThat(nearest).isLessThan(0.7 / photographer.trueMmPerPixel());
    }

    private static long proposed(List<Seen> pictures, String symptom) {
        return pictures.stream()
                .filter(seen -> !seen.isRefused())
                .filter(seen -> seen.bead().signs().stream()
                        .anyMatch(sign -> sign.symptom().equals(symptom) && sign.likelihood() >= 0.5))
                .count();
    }

    /** Of the same beads with both faults and without. */
    @Test
    void aFaultAtAnEndIsProposedAndASoundEndIsNot() {
        List<Seen> sound = measured(Difficulty.CLEAN);
        List<Seen> faulty = measured(Difficulty.CLEAN, bead -> {
            bead.craterShare = 0.5;
            bead.startShare = 0.5;
        });
        long looked = count(faulty, seen -> !seen.isRefused());
        for (String symptom : List.of("CRATER", "BEAD_NARROW_COLD")) {
            long right = proposed(faulty, symptom);
            long wrong = proposed(sound, symptom);
            System.out.printf("%s: proposed on %d of %d, on sound ones %d%n", symptom, right, looked, wrong);
            assertThat(right).as(symptom).isGreaterThanOrEqualTo((long) (0.7 * looked));
            assertThat(wrong).as(symptom).isLessThanOrEqualTo((long) (0.15 * sound.size()));
        }
    }

    /** Both sides of the rendered beads are tinted alike. */
    @Test
    void theTintIsReadOnEachSide() {
        List<Seen> measured = measured(Difficulty.CLEAN).stream()
                .filter(seen -> !seen.isRefused())
                .toList();
        long alike = count(measured, seen -> {
            MeasuredBead.SeenTint tint = seen.bead().tint().orElseThrow();
            int left = tint.left().band().ordinal();
            int right = tint.right().band().ordinal();
            return Math.abs(left - right) <= 1 && tint.band().ordinal() == Math.max(left, right);
        });
        long far = count(measured, seen -> {
            MeasuredBead.SeenTint tint = seen.bead().tint().orElseThrow();
            double mean = (tint.left().colouredMm() + tint.right().colouredMm()) / 2;
            return Math.abs(mean - seen.photographer.tinted()) < 0.3 + 0.25 * seen.photographer.tinted();
        });

        assertThat(alike).isGreaterThanOrEqualTo(Math.round(0.75 * measured.size()));
        assertThat(far).isGreaterThanOrEqualTo(Math.round(0.6 * measured.size()));
    }

    @Test
    void anEmptyPictureHasNoSeam() {
        int[] grey = new int[640 * 480];
        Arrays.fill(grey, 0x909090);

        assertThat(BeadMeasurer.measure(
                                Photo.of(640, 480, grey),
                                MeasureRequest.of(
                                        new ScaleSource.KnownDistance(
                                                new PixelPoint(10, 10), new PixelPoint(510, 10), 50),
                                        List.of(new PixelPoint(100, 240), new PixelPoint(500, 240))))
                        .refused())
                .contains(MeasureRefusal.NO_SEAM);
    }
}
