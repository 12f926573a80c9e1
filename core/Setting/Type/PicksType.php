<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\UnacceptableValue;

/** Several products or pictures in order, by name. */
final readonly class PicksType extends ListType
{
    /** @param 'product'|'picture' $kind */
    public function __construct(public string $kind, int $max)
    {
        parent::__construct($max);
    }

    public static function name(): string
    {
        return 'picks';
    }

    public function facts(): array
    {
        return ['most' => (float) $this->max, 'of' => $this->kind];
    }

    /** @throws UnacceptableValue */
    protected function check(Setting $setting, string $value, string $name): void
    {
        if (! preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/D', $name)) {
            throw UnacceptableValue::because($setting, $value, sprintf('“%s” is not the name of a %s.', self::quote($name), $this->kind));
        }
    }
}
