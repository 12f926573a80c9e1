<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Http\TypedRequest;
use Ikat\Core\Check\Finding;
use Ikat\Core\Setting\Setting;

/**
 * One step of the workbench: a folder that brings its panel, its addresses and what it answers.
 *
 * The shell knows steps by this interface alone; they are registered in Workbench\StepList.
 */
interface Step
{
    /** As its address and its settings name it. */
    public function key(): string;

    public function label(): string;

    /** More words to find it by. */
    public function keywords(): string;

    /** What the bench shows of it, opened at what a request says. Anything unknown falls back to the beginning. */
    public function panel(Bench $bench, TypedRequest $request): StepPanel;

    /** Where one of its settings is changed, within the look's addresses: colors?open_part=brand */
    public function addressOf(Setting $setting, Bench $bench): string;

    /** Where one of its findings is mended, within the look's addresses. */
    public function addressOfFinding(Finding $finding, Bench $bench): string;

    /** Registers what it answers beside its panel, within the addresses of a look. What changes anything asks for can:edit itself. */
    public static function routes(): void;
}
