<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Header\Arrangement;
use Ikat\Core\Header\HeaderSolver;
use Ikat\Core\Header\SpokenTops;
use Ikat\Core\Header\TopContents;
use Ikat\Core\Header\TopOfPage;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Store\RecordKinds;

/** Headers that do not fit, are taller than they need be on a phone, or show what does nothing. */
final class HeaderFit implements Check
{
    /** Most of a phone's screen that bar, strip and header should take together (common practice, no source). */
    private const SHARE = 0.2;

    /** Px between two widths that are looked at. */
    private const STEP = 8;

    public function run(Inspection $input): iterable
    {
        $top = $input->get(TopOfPage::class);
        if (! $top->header->isKnown()) {
            return;
        }
        yield from self::misfits($top->header);
        $spoken = $input->get(SpokenTops::class);
        foreach ($spoken->dictionaries as $code => $dictionary) {
            $there = $spoken->in($code, $input);
            $language = $dictionary->language->name();
            yield from self::misfits($there->header, $code, "In $language: f");
            yield from self::fallingMessages($top, $there, $code, $language);
        }
        [$width, $tall] = HeaderSolver::A_PHONE;
        $height = $top->at($width)['height'];
        if ($height / $tall > self::SHARE) {
            yield new SettingFinding(
                'top:phone',
                Severity::Know,
                StepKey::HEADER,
                'header.space.top',
                sprintf('Bar, strip and header take %d%% of a phone’s screen', round(100 * $height / $tall)),
                sprintf(
                    '%d px of %d. A shorter message, fewer things in the strip or a smaller logo give the page more room.',
                    round($height),
                    $tall,
                ),
            );
        }
        if ($top->utility->at($width)['lines'] > 1) {
            yield new SettingFinding(
                'strip:phone',
                Severity::ShouldFix,
                StepKey::HEADER,
                'utility.show',
                sprintf('The strip takes %d lines on a phone', $top->utility->at($width)['lines']),
                'Let some of it stand in the menu there.',
            );
        }
        $contents = $input->get(TopContents::class);
        if ($top->header->has('chooser') && $contents->countries < 2 && $contents->languages < 2) {
            yield new SettingFinding(
                'chooser:one',
                Severity::ShouldFix,
                StepKey::HEADER,
                'header.chooser',
                'The country and language chooser has nothing to choose',
                'The store sells to one country and speaks one language, so nothing is shown.',
                ['header.chooser' => false],
                'Take it out',
            );
        }
    }

    /**
     * Messages that take more lines on a phone in another language than in the first.
     *
     * @return iterable<StoreFinding>
     */
    private static function fallingMessages(TopOfPage $first, TopOfPage $there, string $code, string $language): iterable
    {
        $width = HeaderSolver::A_PHONE[0];
        [$lines, $usual] = [$there->announcement->at($width)['lines'], $first->announcement->at($width)['lines']];
        if ($lines > max(1, $usual)) {
            yield new StoreFinding(
                "message:lines:$code",
                Severity::Know,
                "In $language the announcement takes $lines lines on a phone",
                sprintf('In the first language it takes %d. Say it shorter there.', $usual),
                ['open_kind' => RecordKinds::WORDS_SAID, 'open_only' => "language:$language"],
            );
        }
    }

    /**
     * @param string $language code of another than the first
     * @param string $from how the sentence begins
     *
     * @return iterable<SettingFinding>
     */
    private static function misfits(HeaderSolver $header, string $language = '', string $from = 'F'): iterable
    {
        $first = $last = $worst = null;
        // Where it fits at both ends of a stretch, it fits on all of it.
        $begins = [...HeaderSolver::STRETCHES, ...$header->foldsUpTo() < HeaderSolver::WIDEST ? [(int) $header->foldsUpTo() + 1] : []];
        $ends = [HeaderSolver::WIDEST, ...array_map(static fn(int $width): int => max(HeaderSolver::NARROWEST, $width - 1), $begins)];
        if (array_filter([...$begins, ...$ends], static fn(int $width): bool => ! $header->at($width)->fits()) === []) {
            return;
        }
        for ($width = HeaderSolver::NARROWEST; $width <= HeaderSolver::WIDEST; $width += self::STEP) {
            $form = $header->at($width);
            if (! $form->fits()) {
                $first ??= $width;
                $last = $width;
                $worst = $worst === null || $form->over > $worst->over ? $form : $worst;
            }
        }
        if ($worst === null) {
            return;
        }
        $fits = $header->fitsFrom();
        $isFold = ! $worst->isFolded && $fits !== null;
        yield new SettingFinding(
            $language === '' ? 'header:fit' : "header:fit:$language",
            Severity::ShouldFix,
            StepKey::HEADER,
            $worst->isFolded ? 'header.logo.size.phone' : Arrangement::path('menu'),
            sprintf('%srom %d to %d px ', $from, $first, $last).match (true) {
                $worst->over > 0 => sprintf('the header has %d px too little', ceil($worst->over)),
                $worst->menuLines > 1 => sprintf('the menu falls into %d lines', $worst->menuLines),
                default => 'the words of the logo break',
            },
            $worst->isFolded ? 'A smaller logo, or fewer icons beside the folded menu.' : 'Fold it there, or give it a row of its own.',
            $isFold ? ['header.menu.folds' => 'fits'] : [],
            $isFold ? "Fold at $fits" : '',
        );
    }
}
