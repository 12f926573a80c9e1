<?php

declare(strict_types=1);

namespace App\Workbench\Colors;

use App\Http\TypedRequest;
use App\Looks\EditLook;
use App\Looks\LookReader;
use App\Models\Look;
use App\Workbench\Shell\EditAnswer;
use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\Departures;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Look\SchemeUses;
use Ikat\Core\Look\Theme;
use Ikat\Core\Palette\BrandFollowers;
use Ikat\Core\Palette\SchemeMaker;
use Ikat\Core\Setting\SchemeRoles;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;
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

    /** A part gets a scheme of its own, as the one it wears in every role: from now on single roles of it may be others. */
    public function depart(TypedRequest $request, int $look): Response
    {
        $found = $this->answer->look($look);
        [$resolved, $theme] = $this->at($found);
        $path = $request->word('path');
        $wearer = array_values(array_filter(
            SchemeUses::settings($resolved, $theme),
            static fn(Setting $s): bool => $s->path === $path,
        ))[0] ?? null;
        if ($wearer === null) {
            return self::refuse('There is no such part any more.');
        }
        $base = Departures::wornBy($resolved, $theme, $wearer);
        $key = ColorInventory::freeKey('scheme', $found->ownChanges());
        $part = SchemeUses::wearer($wearer);
        $name = mb_substr($part, 0, self::NAME);
        $role = isset(SchemeRoles::ALL[$request->word('role')]) ? $request->word('role') : 'ground';
        $request->merge([
            'step' => StepKey::COLORS, 'open_scheme' => $key, 'open_path' => "scheme.$key.$role", 'open_part' => 'schemes',
        ]);

        return $this->make(
            $request,
            $found,
            Departures::begin($resolved, $theme, $key, $wearer, $base, $name),
            "colors of its own: $part",
        );
    }

    /** The way back from a departure: of one role, or of the whole part. */
    public function goBack(TypedRequest $request, int $look): Response
    {
        $found = $this->answer->look($look);
        [$resolved, $theme] = $this->at($found);
        $departure = Departures::in($resolved, $theme)[$request->word('key')] ?? null;
        if ($departure === null) {
            return self::refuse('These colors are no departure any more.');
        }
        $role = $request->word('role');
        if ($role !== '' && ! in_array($role, $departure->roles, true)) {
            return self::refuse('This color is as in the color scheme already.');
        }
        if ($role === '') {
            $request->merge(['open_scheme' => $departure->base, 'open_path' => "scheme.$departure->base.ground"]);
        }
        $name = $theme->schemes[$departure->scheme];

        return $this->make(
            $request,
            $found,
            $role === '' ? $departure->end($resolved, $theme) : $departure->back($role),
            "$name: as in {$theme->schemes[$departure->base]}",
        );
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
