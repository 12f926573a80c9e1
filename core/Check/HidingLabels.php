<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Grid\CardPictures;
use Ikat\Core\Grid\LabelCover;
use Ikat\Core\Grid\ShelfPage;
use Ikat\Core\Setting\StepKey;

/** Labels that hide the thing on the pictures they stand on, where another corner would hide fewer. */
final class HidingLabels implements Check
{
    /** Corners, the one that is usual first: of several that hide as few the first is taken. */
    private const CORNERS = [['start', 'top'], ['end', 'top'], ['start', 'bottom'], ['end', 'bottom']];

    public function run(Inspection $input): iterable
    {
        $shown = $input->get(CardPictures::class);
        if ($input->look->value('card.label') !== true || $shown->pictures === []) {
            return;
        }
        $cover = self::cover($input);
        $now = $cover->hidden(
            $input->look->text('card.label.across') === 'end' ? 'end' : 'start',
            $input->look->text('card.label.down') === 'bottom' ? 'bottom' : 'top',
        );
        if ($now === []) {
            return;
        }
        $counts = array_map(static fn(array $corner): int => count($cover->hidden(...$corner)), self::CORNERS);
        $best = (int) array_search(min($counts), $counts, true);
        $most = (int) array_key_first($now);
        [$across, $down] = self::CORNERS[$best];
        yield new SettingFinding(
            'label-hides',
            Severity::Know,
            StepKey::PRODUCTS,
            'card.label.across',
            sprintf(
                'On a phone labels hide part of the thing on %d of %d pictures that wear one, most of “%s”: %d%%',
                count($now),
                $cover->labelled(),
                $shown->pictures[$most]->name,
                round(100 * $now[$most]),
            ),
            'Put them in the corner that hides fewest, or show the pictures less closely cut.',
            $counts[$best] < count($now) ? ['card.label.across' => $across, 'card.label.down' => $down] : [],
            sprintf(
                '%s %s: %s',
                ucfirst($down),
                $across === 'start' ? 'left' : 'right',
                $counts[$best] === 0 ? 'none' : "on $counts[$best]",
            ),
        );
    }

    public static function cover(Inspection $input): LabelCover
    {
        return new LabelCover($input->get(CardPictures::class), $input->look, ShelfPage::of($input, LabelCover::screen()));
    }
}
