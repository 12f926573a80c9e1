<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

use Ikat\Core\Setting\Type\ColorType;
use Ikat\Core\Setting\Type\ItemsType;

/** The one source of truth about settings. Order is the order of the work. */
final readonly class SettingCatalog
{
    /** @param array<string, Setting> $settings by path */
    private function __construct(private array $settings) {}

    /**
     * @param iterable<Setting> $settings
     *
     * @throws \LogicException when two settings share a path or a custom property: a fault of the program
     */
    public static function of(iterable $settings): self
    {
        $byPath = [];
        $properties = [];
        foreach ($settings as $setting) {
            if (isset($byPath[$setting->path]) || isset($properties[$setting->property()])) {
                throw new \LogicException("Two settings are named {$setting->path}.");
            }
            $byPath[$setting->path] = $setting;
            $properties[$setting->property()] = true;
        }

        return new self($byPath);
    }

    /** @throws UnknownSetting */
    public function get(string $path): Setting
    {
        return $this->settings[$path] ?? throw UnknownSetting::at($path);
    }

    public function has(string $path): bool
    {
        return isset($this->settings[$path]);
    }

    /** @return array<string, Setting> by path */
    public function all(): array
    {
        return $this->settings;
    }

    /** @return list<Setting> */
    public function inStep(string $step): array
    {
        return array_values(array_filter($this->settings, static fn(Setting $s): bool => $s->step === $step));
    }

    /** @return list<Setting> */
    public function ofPart(string $part): array
    {
        return array_values(array_filter($this->settings, static fn(Setting $s): bool => $s->part === $part));
    }

    /** The list an item belongs to; null when there is none. */
    public function listOf(Item $item): ?Setting
    {
        foreach ($this->settings as $setting) {
            if ($setting->type instanceof ItemsType && $setting->type->prefix === $item->prefix) {
                return $setting;
            }
        }

        return null;
    }

    /** @return list<Setting> */
    public function under(string $prefix): array
    {
        return array_values(array_filter($this->settings, static fn(Setting $s): bool => str_starts_with($s->path, $prefix.'.')));
    }

    /** @return array<string, bool|float|string> path => default */
    public function defaults(): array
    {
        return array_map(static fn(Setting $s): bool|float|string => $s->default, $this->settings);
    }

    /**
     * The canonical form of a value, aliases checked for existence and type.
     *
     * @throws UnknownSetting|UnacceptableValue
     */
    public function normalize(string $path, mixed $value): bool|float|string
    {
        $setting = $this->get($path);
        $target = Alias::target($value);
        if ($target !== null) {
            $followed = $this->settings[$target] ?? throw UnacceptableValue::because(
                $setting,
                $value,
                sprintf('it cannot be linked to “%s”, because there is no such setting.', $target),
            );
            if ($followed->type::name() !== $setting->type::name()) {
                throw UnacceptableValue::because(
                    $setting,
                    $value,
                    sprintf(
                        'it is a %s and cannot be linked to “%s”, which is a %s.',
                        $setting->type::name(),
                        $followed->label,
                        $followed->type::name(),
                    ),
                );
            }
        }

        if ($target !== null && is_string($value)) {
            return $value;
        }
        $normal = $setting->type->normalize($setting, $value);
        foreach (Links::in($setting, $normal) as $target) {
            if (! ($this->settings[$target]->type ?? null) instanceof ColorType) {
                throw UnacceptableValue::because(
                    $setting,
                    $value,
                    sprintf('a stop cannot be linked to “%s”, because there is no such color.', $target),
                );
            }
        }

        return $normal;
    }
}
