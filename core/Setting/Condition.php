<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

use Ikat\Core\Setting\Type\SwitchType;

/** A setting applies only while another one has one of certain values. */
final readonly class Condition
{
    /** @param non-empty-list<bool|string> $values */
    private function __construct(public string $path, public array $values) {}

    public static function on(string $path): self
    {
        return new self($path, [true]);
    }

    /** @throws \LogicException */
    public static function is(string $path, string ...$values): self
    {
        return new self($path, array_values($values) ?: throw new \LogicException('A condition names at least one value.'));
    }

    public function holdsFor(mixed $value): bool
    {
        return in_array($value, $this->values, true);
    }

    /** What to change so that it holds: "Show the strip is on". */
    public function inWords(SettingCatalog $catalog): string
    {
        $other = $catalog->get($this->path);
        if ($other->type instanceof SwitchType) {
            return sprintf('“%s” is on', $other->label);
        }

        return sprintf('“%s” is %s', $other->label, implode(' or ', array_map(
            static fn(bool|string $v): string => is_bool($v) ? $other->describe($v) : $other->type->describe($v),
            $this->values,
        )));
    }
}
