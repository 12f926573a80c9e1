<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

/** One setting's own value before and after; null means the look leaves it to the layers below. */
final readonly class Change
{
    public function __construct(public string $path, public bool|float|string|null $before, public bool|float|string|null $after) {}

    public function reversed(): self
    {
        return new self($this->path, $this->after, $this->before);
    }

    /** @return array{path: string, before: bool|float|string|null, after: bool|float|string|null} */
    public function toArray(): array
    {
        return ['path' => $this->path, 'before' => $this->before, 'after' => $this->after];
    }

    /**
     * @param array{path: string, before: bool|float|int|string|null, after: bool|float|int|string|null} $row JSON may have turned 4.0 into
     *     4
     */
    public static function fromArray(array $row): self
    {
        return new self($row['path'], LookState::canonical($row['before']), LookState::canonical($row['after']));
    }
}
