<?php

declare(strict_types=1);

namespace App\Workbench\Colors;

use App\Http\TypedRequest;
use App\Looks\EditLook;
use App\Looks\LookReader;
use App\Models\Look;
use App\Workbench\Shell\EditAnswer;
use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Look\SchemeUses;
use Ikat\Core\Look\Theme;
use Ikat\Core\Palette\BrandFollowers;
use Ikat\Core\Palette\SchemeMaker;
use Ikat\Core\Setting\SchemeRoles;
use Illuminate\Http\Response;

/** Brand colors and color schemes that come and go. Each is one edit, with everything that must change together with it. */
final class SchemeController
{
    private const NAME = 24;

    public function __construct(private readonly EditAnswer $answer, private readonly LookReader $looks, private readonly EditLook $edit) {}

    public function addColor(TypedRequest $request, int $look): Response
    {
        $found = $this->answer->look($look);
        [$resolved, $theme] = $this->at($found);
        $key = ColorInventory::freeKey('brand', $found->ownChanges());
        $like = 'brand.'.$request->word('like');
        $changes = [
            ColorInventory::BRAND => implode(',', [...array_keys($theme->brandColors), $key]),
            "brand.$key" => $resolved->catalog->has($like) ? $resolved->text($like) : '#808080',
        ];
        $request->merge(['open_path' => "brand.$key", 'open_part' => 'brand']);

        return $this->make($request, $found, $changes, 'a new brand color');
    }

    /** Its followers follow another one. */
    public function removeColor(TypedRequest $request, int $look): Response
    {
        $found = $this->answer->look($look);
        [$resolved, $theme] = $this->at($found);
        $key = $request->word('key');
        $heir = $request->word('heir');
        if (! isset($theme->brandColors[$key], $theme->brandColors[$heir]) || $key === $heir) {
            return self::refuse('Choose the brand color that everything shall be linked to instead.');
        }

        return $this->make(
            $request,
            $found,
            BrandFollowers::without($resolved, $theme, $key, $heir, $request->pairs('instead')),
            "without {$theme->brandColors[$key]}",
        );
    }

    /** A scheme from a ground and a brand color, all other roles proposed. */
    public function makeScheme(TypedRequest $request, int $look): Response
    {
        $found = $this->answer->look($look);
        [$resolved, $theme] = $this->at($found);
        $ground = $request->word('ground');
        $brand = $request->word('brand');
        if (! isset($theme->brandColors[$ground], $theme->brandColors[$brand])) {
            return self::refuse('Choose a ground and a color first: one of each row.');
        }
        if ($ground === $brand) {
            return self::refuse('Choose two different colors: the second has to stand out from the ground.');
        }
        $roles = SchemeMaker::propose($resolved, array_keys($theme->brandColors), array_keys($theme->schemes), $ground, $brand);

        return $this->added($request, $found, $theme, $roles, "{$theme->brandColors[$brand]} on {$theme->brandColors[$ground]}");
    }

    public function copyScheme(TypedRequest $request, int $look): Response
    {
        $found = $this->answer->look($look);
        [$resolved, $theme] = $this->at($found);
        $scheme = $request->word('key');
        if (! isset($theme->schemes[$scheme])) {
            return self::refuse('There is no such scheme any more.');
        }
        $roles = [];
        foreach ([...array_keys(SchemeRoles::ALL), 'gradient'] as $role) {
            $roles[$role] = (string) $resolved->at("scheme.$scheme.$role")->written;
        }

        return $this->added($request, $found, $theme, $roles, "{$theme->schemes[$scheme]} again", $scheme);
    }

    /** The parts that wear it wear another. */
    public function removeScheme(TypedRequest $request, int $look): Response
    {
        $found = $this->answer->look($look);
        [$resolved, $theme] = $this->at($found);
        $scheme = $request->word('key');
        $heir = $request->word('heir');
        if (! isset($theme->schemes[$scheme], $theme->schemes[$heir]) || $scheme === $heir) {
            return self::refuse(
                count($theme->schemes) === 1
                    ? 'This is the only scheme, so it stays.'
                    : 'Choose the scheme that its parts shall get instead.',
            );
        }
        $request->merge(['open_scheme' => $heir]);

        return $this->make(
            $request,
            $found,
            SchemeUses::without($resolved, $theme, $scheme, $heir, $request->pairs('instead')),
            "without {$theme->schemes[$scheme]}",
        );
    }

    /**
     * @param array<string, string> $roles role => value
     * @param string $model the scheme it is a copy of
     */
    private function added(TypedRequest $request, Look $look, Theme $theme, array $roles, string $name, string $model = ''): Response
    {
        $key = ColorInventory::freeKey('scheme', $look->ownChanges());
        $changes = [
            ColorInventory::SCHEMES => implode(',', [...array_keys($theme->schemes), $key]),
            "name.scheme.$key" => mb_substr($name, 0, self::NAME),
        ];
        foreach ($roles as $role => $value) {
            // What followed the model's own role follows the copy's.
            $changes["scheme.$key.$role"] = str_replace("{scheme.$model.", "{scheme.$key.", $value);
        }
        $request->merge(['open_scheme' => $key, 'open_path' => "scheme.$key.ground", 'open_part' => 'schemes']);

        return $this->make($request, $look, $changes, "new scheme $name");
    }

    /** @param array<string, mixed> $changes path => value */
    private function make(TypedRequest $request, Look $look, array $changes, string $label): Response
    {

        return $this->answer->to(
            $request,
            $look,
            ($this->edit)($look, $changes, $request->id('seen'), EditAnswer::author($request), $label),
        );
    }

    /** @return array{ResolvedLook, Theme} */
    private function at(Look $look): array
    {
        return [$this->looks->of($look)->resolved(), $this->looks->of($look)->theme()];
    }

    private static function refuse(string $words): Response
    {
        return EditAnswer::refuse("$words Nothing was changed.");
    }
}
