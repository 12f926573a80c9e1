<?php

declare(strict_types=1);

namespace App\Looks;

use App\Database\Transaction;
use App\Fonts\KeepFont;
use App\Fonts\UnusableFont;
use App\Models\BroughtTheme;
use App\Models\CurrentStore;
use App\Models\Look;
use App\Models\OwnFont;
use App\Models\Picture;
use App\Pictures\PictureIntake;
use App\Pictures\PictureReader;
use App\Pictures\ReadPicture;
use App\Pictures\UnusablePicture;
use Ikat\Core\Exchange\PackageRules;
use Ikat\Core\Exchange\ThemePackage;
use Ikat\Core\Exchange\UnusablePackage;
use Ikat\Core\Look\Base;
use Ikat\Core\Look\Theme;

/** Theme packages: everything is checked before anything is written, and nothing of a package is ever run. */
final class BringTheme
{
    private const MOST_PIXELS = 48_000_000;

    public function __construct(
        private readonly ThemeShelf $shelf,
        private readonly PictureIntake $intake,
        private readonly KeepFont $keepFont,
        private readonly CurrentStore $store,
    ) {}

    /**
     * @param string $path of a zip file
     *
     * @param ?string $licensed who said that the shop may use its fonts
     *
     * @throws UnusablePackage with everything that is wrong; nothing was written
     * @throws UnconfirmedFonts where it brings fonts that nobody has said so of; nothing was written
     */
    public function import(string $path, ?string $licensed = null): Theme
    {
        $package = ThemePackage::read(self::unfold($path));
        if ($this->shelf->has($package->name, $package->theme->version)) {
            throw new UnusablePackage(["{$package->theme->title} {$package->theme->version} is on your shelf already. Remove it first, or "
                .'give this one another version.']);
        }
        $read = [];
        $pixels = 0;
        foreach ($package->pictures as $name => $content) {
            $read[$name] = self::picture($name, $content, $pixels);
        }
        $fonts = $this->fonts($package, $licensed);
        // From here on nothing can be wrong with the package any more. Files nobody refers to do no harm: rows count, all of them or none.
        $tokens = $package->tokens;
        $rows = [];
        foreach ($read as $name => $picture) {
            $called = mb_substr("$package->name-$name", 0, 70);
            $rows[$called] = [
                'alt' => "{$package->theme->title}: ".str_replace('-', ' ', (string) $name),
                ...$this->intake->keep($picture, $this->store->id(), $called),
            ];
            $tokens = str_replace((string) json_encode((string) $name), (string) json_encode($called), $tokens);
        }
        Transaction::run(function () use ($package, $rows, $tokens, $fonts): void {
            foreach ($rows as $called => $row) {
                Picture::query()->firstOrCreate(['name' => $called], $row);
            }
            foreach ($fonts as $key => $row) {
                $this->keepFont->write($key, $row);
            }
            BroughtTheme::query()->create([
                'name' => $package->name, 'version' => $package->theme->version, 'tokens' => $tokens, 'css' => $package->css,
            ]);
        });
        $this->shelf->forget();

        return $this->shelf->newest($package->name);
    }

    /** False when a look of the store stands on it, and when it is not the store's own. */
    public function remove(string $name): bool
    {
        $removed = Transaction::run(static function () use ($name): bool {
            $rows = BroughtTheme::query()->where('name', $name)->lockForUpdate()->get();
            $isStoodOn = Look::query()
                ->lockForUpdate()
                ->get()
                ->contains(static fn(Look $look): bool => Base::in($look->ownChanges(), $look->firstBase())->theme === $name);
            if ($rows->isEmpty() || $isStoodOn) {
                return false;
            }
            $rows->each(static fn(BroughtTheme $row): ?bool => $row->delete());

            return true;
        });
        $this->shelf->forget();

        return $removed;
    }

    /**
     * The rows of the fonts that the store has not got yet.
     *
     * @return array<string, array<string, mixed>> by key
     *
     * @throws UnusablePackage
     * @throws UnconfirmedFonts
     */
    private function fonts(ThemePackage $package, ?string $licensed): array
    {
        $new = array_diff_key($package->fonts, OwnFont::query()->pluck('key', 'key')->all());
        if ($new !== [] && $licensed === null) {
            throw new UnconfirmedFonts(array_column(array_values($new), 0));
        }
        try {
            return array_map(fn(array $font): array => $this->keepFont->packed($font[0], $font[1], (string) $licensed, count($new)), $new);
        } catch (UnusableFont $e) {
            throw new UnusablePackage([$e->getMessage()]);
        }
    }

    /** @return array<string, string> name => content */
    private static function unfold(string $path): array
    {
        $zip = new \ZipArchive();
        if ((int) @filesize($path) > PackageRules::MOST_BYTES || $zip->open($path, \ZipArchive::RDONLY) !== true) {
            throw new UnusablePackage(['The file is not a zip package that can be opened.']);
        }
        try {
            $entries = [];
            for ($i = 0; $i < min($zip->numFiles, 200); $i++) {
                $stat = $zip->statIndex($i) ?: ['name' => '?', 'size' => 0, 'comp_size' => 0];
                $entries[] = ['name' => $stat['name'], 'size' => $stat['size'], 'packed' => $stat['comp_size']];
            }
            $problems = PackageRules::problems($entries);
            if ($problems !== []) {
                throw new UnusablePackage($problems);
            }
            $files = [];
            foreach ($entries as $i => $entry) {
                // What the directory says of a file's size is not to be trusted: no more than that is read.
                $content = str_ends_with($entry['name'], '/') ? '' : (string) $zip->getFromIndex($i, $entry['size'] + 1);
                if (strlen($content) > $entry['size']) {
                    throw new UnusablePackage(["“{$entry['name']}” is larger than the package says."]);
                }
                $files[$entry['name']] = $content;
            }

            return $files;
        } finally {
            $zip->close();
        }
    }

    /** @param int $pixels of the pictures before, and then with this one */
    private static function picture(string $name, string $content, int &$pixels): ReadPicture
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'ikat-theme-');
        try {
            file_put_contents($file, $content);
            $pixels += PictureReader::pixels($file);
            // Before anything is decoded: an answer cannot wait for more than that.
            if ($pixels > self::MOST_PIXELS) {
                throw new UnusablePackage(['Its pictures have over 48 million pixels together. Make them smaller.']);
            }

            return PictureReader::read($file, $name);
        } catch (UnusablePicture $e) {
            throw new UnusablePackage([$e->getMessage()]);
        } finally {
            @unlink($file);
        }
    }
}
