<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Look\Theme;

/**
 * A look under inspection, and what is measured on it: each measurement is made when it is first asked for, and once.
 *
 * What needs more than the look (pages, pictures, the Storeroom) is supplied by whoever inspects.
 */
final class Inspection
{
    /** @var array<class-string, object> */
    private array $measured = [];

    /** @param array<class-string, \Closure(self): object> $suppliers measurement => how it is made, where not by itself */
    public function __construct(public readonly ResolvedLook $look, public readonly Theme $theme, private readonly array $suppliers = []) {}

    /**
     * @template T of object
     *
     * @param class-string<T> $measurement
     *
     * @return T
     *
     * @throws \LogicException when nobody supplies it and it cannot measure itself
     */
    public function get(string $measurement): object
    {
        $found = $this->measured[$measurement] ??= match (true) {
            isset($this->suppliers[$measurement]) => ($this->suppliers[$measurement])($this),
            is_subclass_of($measurement, Measurement::class) => $measurement::measure($this),
            default => throw new \LogicException("Nobody supplies $measurement."),
        };
        assert($found instanceof $measurement);

        return $found;
    }

    /** The same look, with some things measured otherwise. */
    public function with(object ...$measured): self
    {
        return $this->on($this->look, $this->theme, ...$measured);
    }

    /** Another look on the same pages, in the same store. */
    public function on(ResolvedLook $look, Theme $theme, object ...$measured): self
    {
        $suppliers = $this->suppliers;
        foreach ($measured as $one) {
            $suppliers[$one::class] = static fn(): object => $one;
        }

        return new self($look, $theme, $suppliers);
    }
}
