<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Header\SpokenTops;
use Ikat\Core\Language\Dictionary;
use Ikat\Core\Promise\Judge;
use Ikat\Core\Promise\Judged;
use Ikat\Core\Promise\Offers;
use Ikat\Core\Season\SeasonCalendar;
use Ikat\Core\Setting\Catalog\Parts;
use Ikat\Core\Setting\ColoredText;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\SettingPath;
use Ikat\Core\Setting\Type\TextType;
use Ikat\Core\Store\RecordKinds;

/** Words of the look and of content pages that promise what the store does not keep. */
final class Promises implements Check
{
    /** Words of the shop's interface, and names: they are no promises. */
    private const OTHERS = '/^(say|name|header\.logo|icon)\./';

    public function run(Inspection $input): iterable
    {
        foreach (self::judged($input) as $path => $judged) {
            foreach ($judged as $one) {
                if (! $one->isTrue) {
                    yield self::finding($input, $path, $one);

                    break;
                }
            }
        }
        foreach ($input->get(SpokenTops::class)->dictionaries as $code => $dictionary) {
            foreach (self::judged($input, $dictionary) as $path => $judged) {
                foreach ($judged as $one) {
                    if (! $one->isTrue) {
                        yield self::spoken($input, $path, $one, $code, $dictionary);

                        break;
                    }
                }
            }
        }
        $offers = $input->get(Offers::class);
        $judge = new Judge($offers);
        foreach ($offers->pages as $address => $text) {
            foreach ($judge->of($text) as $one) {
                if (! $one->isTrue) {
                    yield new StoreFinding(
                        "promise:$address",
                        Severity::Stops,
                        "The page $address promises what is not kept: $one->why",
                        "“{$one->claim->said}”. Change the words, or the offer.",
                        ['open_kind' => RecordKinds::PAGES, 'open_q' => substr($address, strlen('/page/'))],
                    );

                    break;
                }
            }
        }
    }

    /**
     * @param ?Dictionary $dictionary of a language beside the first: what is said otherwise there
     *
     * @return iterable<string, list<Judged>> path of each setting whose words promise something => what, each looked up
     */
    public static function judged(Inspection $input, ?Dictionary $dictionary = null): iterable
    {
        $offers = $input->get(Offers::class);
        $judges = ['' => new Judge($offers)];
        $seasons = [];
        foreach (SeasonCalendar::of($input->look, $offers->zone)->seasons as $season) {
            $seasons[$season->item] = $season;
        }
        foreach ($input->look->all() as $path => $resolution) {
            if (! $resolution->setting->type instanceof TextType || $resolution->unmet !== null || preg_match(self::OTHERS, $path) === 1) {
                continue;
            }
            $original = (string) $resolution->value;
            $said = $dictionary?->say($original) ?? $original;
            $text = $dictionary !== null && $said === $original ? '' : ColoredText::plain($said);
            $item = SettingPath::of($path)->item;
            $isHidden = $item !== null && $input->look->catalog->has($item->path('show')) && $input->look
                ->value($item->path('show')) !== true;
            if ($text === '' || $isHidden) {
                continue;
            }
            $when = '';
            if ($item?->prefix === 'season') {
                // What a season says is judged while it runs: when it begins next.
                $season = $seasons[$item->name()] ?? null;
                $moment = $season?->momentInside($offers->moment);
                if ($moment === null) {
                    continue;
                }
                $when = $item->name();
                $judges[$when] ??= new Judge($offers->at($moment));
            }
            $judged = $judges[$when]->of($text);
            if ($judged !== []) {
                yield $path => $judged;
            }
        }
    }

    private static function finding(Inspection $input, string $path, Judged $one): Finding
    {
        $setting = $input->look->catalog->get($path);
        $mended = $one->mended($input->look->text($path));

        return new SettingFinding(
            "promise:$path",
            Severity::Stops,
            $setting->step,
            $path,
            self::where($setting).' promises what is not kept: '.$one->why,
            "“{$one->claim->said}”. Change the words, or the offer in the Storeroom.",
            $mended === null ? [] : [$path => $mended],
            $mended === null ? '' : "Say “{$mended}”",
        );
    }

    private static function spoken(Inspection $input, string $path, Judged $one, string $code, Dictionary $dictionary): Finding
    {
        return new StoreFinding(
            "promise:$path:$code",
            Severity::Stops,
            sprintf(
                'In %s the %s promises what is not kept: %s',
                $dictionary->language->name(),
                lcfirst(self::where($input->look->catalog->get($path))),
                $one->why,
            ),
            "“{$one->claim->said}”. Say it otherwise there, or change the offer.",
            ['open_kind' => RecordKinds::WORDS_SAID, 'open_q' => mb_substr($dictionary->say($input->look->text($path)), 0, 40)],
        );
    }

    private static function where(Setting $setting): string
    {
        $part = Parts::label($setting->part);

        return str_starts_with($setting->label, $part) ? $setting->label : "$part, ".lcfirst($setting->label);
    }
}
