<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** A moment on the store's own clock, kept as UTC: 2027-03-01 17:00:00. */
final readonly class MomentCell implements CellType
{
    public function __construct(private \DateTimeZone $zone) {}

    public function read(string $typed, Names $names): string
    {
        if (preg_match('/^(\d{4})-(\d\d)-(\d\d)(?:[ T](\d\d):(\d\d)(?::\d\d)?)?$/D', $typed, $m) !== 1
            || ! checkdate((int) $m[2], (int) $m[3], (int) $m[1]) || (int) ($m[4] ?? 0) > 23 || (int) ($m[5] ?? 0) > 59) {
            throw new UnreadableCell('Write the moment as 2027-03-01 18:00, on the store’s own clock.');
        }
        $local = \DateTimeImmutable::createFromFormat('!Y-m-d H:i', "$m[1]-$m[2]-$m[3] ".($m[4] ?? '00').':'.($m[5] ?? '00'), $this->zone);

        return $local === false ? '' : $local->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s');
    }

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        $moment = is_string($value) ? \DateTimeImmutable::createFromFormat('!Y-m-d H:i:s', $value, new \DateTimeZone('UTC')) : false;

        return $moment === false ? '' : $moment->setTimezone($this->zone)->format('Y-m-d H:i');
    }

    public function nothing(): null
    {
        return null;
    }

    public function field(): string
    {
        return 'moment';
    }
}
