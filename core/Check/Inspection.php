<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Contrast\HeaderBackdrop;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Look\Theme;
use Ikat\Core\Reach\ReachIndex;

/** What a check looks at. */
final readonly class Inspection
{
    /**
     * @param ?HeaderBackdrop $underHeader null when no header lies over a picture
     * @param ?string $missing what of the look's base is gone, in words; null when all is there
     */
    public function __construct(
        public ResolvedLook $look,
        public Theme $theme,
        public CompiledLook $compiled,
        public ReachIndex $reach,
        public StoreContents $store,
        public ?LogoMeasures $logo = null,
        public ?HeaderBackdrop $underHeader = null,
        public ?string $missing = null,
    ) {}
}
