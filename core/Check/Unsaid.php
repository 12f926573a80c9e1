<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Language\ShopLanguage;
use Ikat\Core\Language\UnsaidWords;
use Ikat\Core\Store\RecordKinds;

/** Words that nobody has said yet in a language the shop speaks: they stand there in the first. */
final class Unsaid implements Check
{
    public function run(Inspection $input): iterable
    {
        foreach ($input->get(UnsaidWords::class)->counts as $code => ['missing' => $missing, 'all' => $all]) {
            $language = (new ShopLanguage($code))->name();
            if ($missing > 0) {
                yield new StoreFinding(
                    "unsaid:$code",
                    Severity::ShouldFix,
                    $missing === 1 ? "One word of $all is not said in $language" : "$missing words of $all are not said in $language",
                    'Say them in the Storeroom, or take them along as a file and bring it back.',
                    ['open_kind' => RecordKinds::WORDS_SAID, 'open_only' => "language:$language"],
                );
            }
        }
    }
}
