<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\SettingPath;
use Ikat\Core\Setting\UnacceptableValue;

/** The brand colors or the color schemes a look has, in order; or those that were put away. */
final readonly class KeysType extends ListType
{
    /**
     * @param array<string, string> $known the theme's own, key => label
     * @param bool $isAway whether it lists those put away
     */
    public function __construct(public array $known, int $max, public bool $isAway = false)
    {
        parent::__construct($max);
    }

    public static function name(): string
    {
        return 'keys';
    }

    /** @throws UnacceptableValue */
    public function normalize(Setting $setting, mixed $value): string
    {
        $written = parent::normalize($setting, $value);
        if ($this->isAway ? $written !== '' && substr_count($written, ',') + 1 === count($this->known) : $written === '') {
            throw UnacceptableValue::because($setting, $value, 'at least one has to stay.');
        }

        return $written;
    }

    public function facts(): array
    {
        return [
            'most' => (float) $this->max,
            'choices' => array_map(strval(...), array_keys($this->known)),
            'of' => $this->isAway ? 'away' : '',
        ];
    }

    /** @throws UnacceptableValue */
    protected function check(Setting $setting, string $value, string $name): void
    {
        if (! isset($this->known[$name]) && ($this->isAway || ! SettingPath::isOwnKey($name))) {
            throw UnacceptableValue::because(
                $setting,
                $value,
                sprintf('“%s” is not one of them: %s.', self::quote($name), implode(', ', array_keys($this->known))),
            );
        }
    }
}
