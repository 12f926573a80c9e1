<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

/**
 * What a look stands on: a theme in one of its versions, and a starter.
 *
 * It is part of a look's state under paths of its own, so that taking another base is an edit like any other.
 */
final readonly class Base
{
    public const THEME = 'base.theme';
    public const VERSION = 'base.version';
    public const STARTER = 'base.starter';
    public const PATHS = [self::THEME, self::VERSION, self::STARTER];

    public function __construct(public string $theme, public string $version, public string $starter) {}

    /** The base a state names, and the one the look began with where it names none. */
    public static function in(LookState $state, self $first): self
    {
        return new self(
            (string) ($state->own[self::THEME] ?? $first->theme),
            (string) ($state->own[self::VERSION] ?? $first->version),
            (string) ($state->own[self::STARTER] ?? $first->starter),
        );
    }

    /** @return array<string, string> path => value */
    public function values(): array
    {
        return [self::THEME => $this->theme, self::VERSION => $this->version, self::STARTER => $this->starter];
    }
}
