<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

/** What a font says of its use in documents and pages. Source: OpenType 1.9, "OS/2", fsType. */
final readonly class FontLicense
{
    private const RESTRICTED = 0x0002;
    private const PREVIEW = 0x0004;
    private const EDITABLE = 0x0008;
    private const NO_SUBSETTING = 0x0100;
    private const BITMAPS_ONLY = 0x0200;

    public function __construct(public int $bits) {}

    /** Whether it may be cut by writing system, so that a page fetches only what it shows. */
    public function mayBeCut(): bool
    {
        return ($this->bits & self::NO_SUBSETTING) === 0;
    }

    /** Whether its outlines may be used at all. */
    public function allowsOutlines(): bool
    {
        return ($this->bits & self::BITMAPS_ONLY) === 0;
    }

    /** Whether the font itself may be handed on, with a theme that is set in it. */
    public function mayBeHandedOn(): bool
    {
        return ($this->bits & self::EDITABLE) !== 0 || ($this->bits & (self::PREVIEW | self::RESTRICTED)) === 0;
    }

    /** What it says, and what that means for a shop, in plain words. */
    public function inWords(): string
    {
        // Of several bits the least restrictive counts.
        $use = match (true) {
            ($this->bits & self::EDITABLE) !== 0 => 'It may be sent along with what is edited. Whether pages are meant, its license says.',
            ($this->bits & self::PREVIEW) !== 0 => 'It may be sent along to look at and to print. A web license allows pages to use it.',
            ($this->bits & self::RESTRICTED) !== 0 => 'It may not be sent along without leave of who made it. A web license is that leave.',
            default => 'It may be sent along and installed: no restriction is written in it.',
        };

        return $use.($this->mayBeCut() ? '' : ' It may not be cut: every page fetches all of it.');
    }
}
