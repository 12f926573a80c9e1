<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

use Ikat\Core\Setting\Type\FontType;
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

    /**
     * Why what depends on it has no effect: "Gloock has one weight", "the utility strip is off".
     *
     * @param bool|float|string $value what the other setting is
     */
    public function reason(SettingCatalog $catalog, bool|float|string $value): string
    {
        $other = $catalog->get($this->path);

        return match (true) {
            $other->type instanceof FontType => explode(',', $other->describe($value))[0]
                .($this->values === $other->type->fonts->withWeights() ? ' has one weight' : ' has no italic drawn for it'),
            $other->type instanceof SwitchType => sprintf('has no effect while “%s” is %s', $other->label, $other->describe($value)),
            default => sprintf('has no effect while “%s” is “%s”', $other->label, $other->describe($value)),
        };
    }

    /**
     * The change that lets what depends on it take effect, and what a button that makes it says.
     *
     * @return ?array{value: string, words: string} null where it is the merchant's to choose: which font
     */
    public function change(SettingCatalog $catalog): ?array
    {
        $other = $catalog->get($this->path);
        $value = $this->values[0];

        return match (true) {
            is_bool($value) => ['value' => $value ? 'on' : 'off', 'words' => $value ? 'Turn it on' : 'Turn it off'],
            $other->type instanceof FontType => null,
            default => ['value' => $value, 'words' => sprintf('Choose “%s”', $other->describe($value))],
        };
    }
}
