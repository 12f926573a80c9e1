<?php

declare(strict_types=1);

namespace Ikat\Core\Header;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Check\Measurement;
use Ikat\Core\Language\Dictionary;

/** The top of every page in the languages beside the first: longer words want more room. */
final class SpokenTops implements Measurement
{
    /** @var array<string, TopOfPage> */
    private array $tops = [];

    /** @param array<string, Dictionary> $dictionaries by the code of the language */
    public function __construct(public readonly array $dictionaries = []) {}

    /** A store of one language: whoever inspects supplies the real one. */
    public static function measure(Inspection $inspection): self
    {
        return new self();
    }

    public function in(string $language, Inspection $inspection): TopOfPage
    {
        return $this->tops[$language] ??= TopOfPage::of(
            TopLook::of($inspection->look, $this->dictionaries[$language]),
            $inspection->get(TopContents::class),
            $inspection->get(LineBreaks::class),
        );
    }
}
