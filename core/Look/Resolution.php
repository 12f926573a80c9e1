<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Setting;

/** What a setting comes out as, and why. */
final readonly class Resolution
{
    /**
     * @param bool|float|string $value never an alias
     * @param bool|float|string $written as the deciding layer wrote it, perhaps an alias
     * @param Layer $layer the layer that decides the setting itself
     * @param list<string> $chain the paths followed, in order; empty when it has a value of its own
     * @param ?Condition $unmet what would have to hold for it to apply
     */
    public function __construct(
        public Setting $setting,
        public bool|float|string $value,
        public bool|float|string $written,
        public Layer $layer,
        public array $chain,
        public ?Condition $unmet,
    ) {}

    /** Whether it is what a rule reckons from other settings, and nobody has set it. */
    public function isRuled(): bool
    {
        return $this->setting->rule !== null && $this->layer->kind === LayerKind::Rule;
    }
}
