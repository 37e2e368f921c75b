package vastarc.core.record.batch;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import vastarc.core.record.batch.MaterialBatch.BatchKind;

class MaterialBatchTest {

    private static MaterialBatch batch(String number, BatchKind kind) {
        return new MaterialBatch(number, kind, "", "", Optional.empty(), Optional.of("2026-11-30"));
    }

    private static final List<MaterialBatch> SHOP = List.of(
            batch("H-1", BatchKind.BASE_METAL),
            batch("R-1", BatchKind.FILLER),
            batch("R-2", BatchKind.FILLER),
            batch("T-1", BatchKind.TUNGSTEN));

    @Test
    void whatTheShopKeepsAndNobodyChoseIsMissing() {
        assertThat(MaterialBatch.missing(SHOP, List.of(), true))
                .containsExactly(BatchKind.BASE_METAL, BatchKind.FILLER);
        assertThat(MaterialBatch.missing(SHOP, List.of("R-2"), true)).containsExactly(BatchKind.BASE_METAL);
        assertThat(MaterialBatch.missing(SHOP, List.of("H-1", "R-1"), true)).isEmpty();
    }

    @Test
    void aWeldWithoutFillerWantsNoRod() {
        assertThat(MaterialBatch.missing(SHOP, List.of("H-1"), false)).isEmpty();
    }

    @Test
    void aShopThatKeepsNoBatchesMissesNone() {
        assertThat(MaterialBatch.missing(List.of(), List.of(), true)).isEmpty();
    }

    @Test
    void theDayAfterTheLastItMayNoLongerBeUsed() {
        assertThat(SHOP.get(0).isUsable("2026-11-30")).isTrue();
        assertThat(SHOP.get(0).isUsable("2026-12-01")).isFalse();
    }
}
