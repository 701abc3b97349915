package app.redlamp.desktop.deliver;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DocketColumnsTest {

    /** At any width the columns stand beside each other, inside the row. */
    @ParameterizedTest
    @ValueSource(ints = {260, 340, 480, 515, 540, 620, 700, 719, 720, 855, 1200, 2000})
    void columnsNeverOverlap(int width) {
        DocketColumns columns = DocketColumns.of(width);
        double edge = columns.nameRight();
        if (columns.skyline().width() > 0) {
            assertThat(columns.skyline().left()).isGreaterThanOrEqualTo(edge);
            edge = columns.skyline().right();
        }
        assertThat(columns.bars()).isEqualTo(width >= 500 ? 3 : Math.min(columns.bars(), 2));
        for (int i = 0; i < columns.bars(); i++) {
            assertThat(columns.bar(i).left()).isGreaterThanOrEqualTo(edge);
            assertThat(columns.bar(i).width()).isGreaterThanOrEqualTo(24);
            edge = columns.bar(i).right() + DocketColumns.VALUE;
        }
        assertThat(columns.actionLeft()).isGreaterThanOrEqualTo(edge);
        assertThat(columns.actionLeft() + DocketColumns.ACTION).isLessThanOrEqualTo(width);
    }
}
