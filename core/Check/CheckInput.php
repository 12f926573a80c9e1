<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Color\Color;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Look\Theme;
use Ikat\Core\Reach\ReachIndex;

/** What a check looks at. */
final readonly class CheckInput
{
    /** @param array{scheme?: list<Color>, dark?: list<Color>} $underHeader what lies under a transparent header, by the kind of set its veil is of: the first band's picture under that veil; empty when there is none */
    public function __construct(
        public ResolvedLook $look,
        public Theme $theme,
        public CompiledLook $compiled,
        public ReachIndex $reach,
        public StoreContents $store,
        public ?LogoMeasures $logo = null,
        public array $underHeader = [],
    ) {}
}
