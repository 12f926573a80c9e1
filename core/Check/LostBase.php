<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Setting\StepKey;

/** A look that stands on what is gone is shown on something else: that does not go live unseen. */
final class LostBase implements Check
{
    public function run(Inspection $input): iterable
    {
        if ($input->get(BaseState::class)->missing !== null) {
            yield new SettingFinding(
                'base',
                Severity::Stops,
                StepKey::START,
                '',
                'What the look stands on is not all there',
                $input->get(BaseState::class)->missing,
            );
        }
    }
}
