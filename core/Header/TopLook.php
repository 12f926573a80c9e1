<?php

declare(strict_types=1);

namespace Ikat\Core\Header;

use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Type\SpokenFace;
use Ikat\Core\Type\TextStyle;
use Ikat\Core\Type\Voice;

/** What the top of a page is made from: the values of a look, be it a draft or one that was published, and what its voices speak in. */
final class TopLook
{
    /** @var array<string, bool|float|string|null> what was asked for, by path: it is asked for again at every width */
    private array $values = [];

    /**
     * @param \Closure(string): (bool|float|string|null) $value of a setting, by path; null for one that was not there yet
     * @param \Closure(Voice): SpokenFace $face
     */
    public function __construct(private readonly \Closure $value, private readonly \Closure $face) {}

    public static function of(ResolvedLook $look): self
    {
        return new self(
            static fn(string $path): bool|float|string => $look->value($path),
            static fn(Voice $voice): SpokenFace => SpokenFace::of($look, $voice),
        );
    }

    /**
     * The same with some settings otherwise.
     *
     * @param array<string, bool|float|string> $changes path => value
     */
    public function with(array $changes): self
    {
        return new self(fn(string $path): bool|float|string|null => $changes[$path] ?? $this->value($path), $this->face);
    }

    public function text(string $path): string
    {
        return (string) $this->value($path);
    }

    public function number(string $path): float
    {
        return (float) $this->value($path);
    }

    public function on(string $path): bool
    {
        return $this->value($path) === true;
    }

    public function face(Voice $voice): SpokenFace
    {
        return ($this->face)($voice);
    }

    /** @param float $size px */
    public function style(Voice $voice, float $size): TextStyle
    {
        return new TextStyle(
            $size,
            $this->face($voice)->weight,
            $this->number($voice->path('spacing')) * $size,
            $this->number($voice->path('leading')),
            $this->text($voice->path('case')) === 'capitals',
        );
    }

    private function value(string $path): bool|float|string|null
    {
        return array_key_exists($path, $this->values) ? $this->values[$path] : $this->values[$path] = ($this->value)($path);
    }
}
