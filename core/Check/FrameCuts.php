<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Grid\CardPictures;
use Ikat\Core\Setting\StepKey;

/** Things on pictures of products that the frame of the card cuts into. */
final class FrameCuts implements Check
{
    /** Share of a thing that may go before it is a finding (common practice, no source). */
    private const MISSED = 0.1;

    public function run(Inspection $input): iterable
    {
        // Only equal tiles that are filled cut anything off.
        if ($input->look->text('card.fit') !== 'cover' || ! in_array($input->look->text('grid.arrange'), ['', 'tiles'], true)) {
            return;
        }
        $shown = $input->get(CardPictures::class);
        $frame = (float) $input->look->value('card.proportion');
        $cut = array_values(array_filter(
            $shown->frames->worst($frame),
            static fn(int $n): bool => $shown->pictures[$n]->framed->thingCut($frame) > self::MISSED,
        ));
        if ($cut === []) {
            return;
        }
        $most = $shown->pictures[$cut[0]];
        $count = count($cut);
        yield new SettingFinding(
            'frame',
            Severity::Know,
            StepKey::PRODUCTS,
            'card.proportion',
            sprintf(
                'The frame cuts into the thing on %s, “%s” most: %d%% of it is lost',
                $count === 1 ? '1 picture' : "$count pictures",
                $most->name,
                round(100 * $most->framed->thingCut($frame)),
            ),
            'Drag the frame over the dots until it cuts less, move the point that stays in sight, or show pictures whole.',
            ['card.fit' => 'contain'],
            'Show them whole',
        );
    }
}
