<?php

declare(strict_types=1);

namespace App\Fonts;

use App\Database\Transaction;
use App\Files\Unwritten;
use App\Files\WholeFile;
use App\Models\CurrentStore;
use App\Models\OwnFont;
use Ikat\Core\Type\FontFacts;
use Ikat\Core\Type\FontFamily;
use Ikat\Core\Type\FontKind;
use Ikat\Core\Type\FontShelf;
use Ikat\Core\Type\UnreadableFont;
use Illuminate\Http\UploadedFile;
use Symfony\Component\Filesystem\Filesystem;

/** Takes a merchant's own font: read before it is accepted, packed for the web, and cut by writing system where its license allows. */
final class KeepFont
{
    /** Bytes of an upload, and fonts of a store. */
    public const MOST = 4_000_000;
    private const FONTS = 24;

    private const PACKED = ['wOF2', 'wOFF'];

    /**
     * @param string $private folder of what text is measured by
     * @param string $public folder of what pages fetch
     */
    public function __construct(
        private readonly FontTool $tool,
        private readonly OwnFonts $fonts,
        private readonly CurrentStore $store,
        private readonly string $private,
        private readonly string $public,
    ) {}

    /**
     * What a font says of itself; nothing is kept.
     *
     * @throws UnusableFont with what to do
     */
    public function read(UploadedFile $file): FontFacts
    {
        return $this->inFolder(fn(string $folder): FontFacts => FontFacts::of($this->plain($file, $folder)));
    }

    /**
     * @param string $by who said that the shop may use it
     * @param ?FontKind $kind as whoever brings it sees it; null for what the font says of itself
     *
     * @throws UnusableFont with what to do; nothing was kept
     */
    public function __invoke(UploadedFile $file, string $by, ?FontKind $kind = null): OwnFont
    {
        $bytes = $this->inFolder(fn(string $folder): string => $this->plain($file, $folder));
        $facts = $this->inFolder(static fn(): FontFacts => FontFacts::of($bytes));
        $row = [...$this->packed($facts, $bytes, $by, 1), ...$kind === null ? [] : ['kind' => $kind]];

        return Transaction::run(fn(): OwnFont => $this->write($facts->key, $row));
    }

    /**
     * Measures and packs a font and puts its files, which no row refers to yet.
     *
     * @param int $coming fonts that are kept together
     *
     * @return array<string, mixed> its row, for `write`
     *
     * @throws UnusableFont with what to do
     */
    public function packed(FontFacts $facts, string $bytes, string $by, int $coming): array
    {
        return $this->inFolder(function (string $folder) use ($facts, $bytes, $by, $coming): array {
            $key = $facts->key;
            $isKnown = OwnFont::withTrashed()->where('key', $key)->exists();
            if (! $isKnown && OwnFont::query()->count() + $coming > self::FONTS) {
                throw UnusableFont::because(sprintf('A store keeps at most %d fonts of its own. Remove one first.', self::FONTS));
            }
            file_put_contents("$folder/plain.ttf", $bytes);
            $isWhole = ! $facts->license->mayBeCut();
            $measures = $this->tool->prepare("$folder/plain.ttf", $folder, $facts->weights, $isWhole ? null : array_map(
                static fn(array $codes): string => implode('', array_map(static fn(int $c): string => (string) mb_chr($c), $codes)),
                $facts->parts,
            ));
            foreach (array_keys($measures['bytes']) as $part) {
                $this->put("$this->public/{$this->store->id()}/$key-$part.woff2", (string) file_get_contents("$folder/$part.woff2"), 0o755);
            }
            $this->put("$this->private/{$this->store->id()}/$key.ttf", $bytes, 0o700);
            $font = $facts->font;

            return [
                'name' => $facts->called(),
                'kind' => $facts->kind, 'license_bits' => $facts->license->bits, 'confirmed_by' => $by, 'is_whole' => $isWhole,
                'measures' => [
                    'metrics' => [$font->unitsPerEm, $font->ascent, $font->descent, $font->lineGap],
                    'systems' => $facts->systems(),
                    ...$measures,
                ],
                'deleted_at' => null,
            ];
        });
    }

    /**
     * Within a transaction of whoever keeps it.
     *
     * @param array<string, mixed> $row of `packed`
     */
    public function write(string $key, array $row): OwnFont
    {
        $this->fonts->forget();

        return OwnFont::withTrashed()->updateOrCreate(['key' => $key], [...$row, 'name' => self::unlike((string) $row['name'], $key)]);
    }

    /** A name that no other family of the store has: a stylesheet tells families apart by their names. */
    private static function unlike(string $name, string $key): string
    {
        $taken = array_map(mb_strtolower(...), [
            ...array_map(static fn(FontFamily $f): string => $f->name, array_values(FontShelf::all())),
            ...OwnFont::withTrashed()->where('key', '<>', $key)->pluck('name')->all(),
        ]);
        $found = $name;
        for ($i = 1; in_array(mb_strtolower($found), $taken, true); $i++) {
            $found = $i === 1 ? "$name of the shop" : "$name of the shop $i";
        }

        return $found;
    }

    /**
     * The font unpacked.
     *
     * @throws UnusableFont
     */
    private function plain(UploadedFile $file, string $folder): string
    {
        if (! $file->isValid() || (int) $file->getSize() > self::MOST) {
            throw UnusableFont::because(sprintf(
                'The file is over %d MB or did not arrive whole. Take a smaller one: fonts for the web are.',
                intdiv(self::MOST, 1_000_000),
            ));
        }
        $bytes = (string) file_get_contents($file->getPathname());
        if (in_array(substr($bytes, 0, 4), self::PACKED, true)) {
            file_put_contents("$folder/packed", $bytes);
            $this->tool->unpack("$folder/packed", "$folder/unpacked");
            $bytes = (string) file_get_contents("$folder/unpacked");
        }

        return $bytes;
    }

    /**
     * @template T
     *
     * @param callable(string): T $task given a folder that is gone afterwards
     *
     * @return T
     *
     * @throws UnusableFont
     */
    private function inFolder(callable $task): mixed
    {
        $files = new Filesystem();
        $folder = sys_get_temp_dir().'/ikat-font-'.bin2hex(random_bytes(8));
        $files->mkdir($folder, 0o700);
        try {
            return $task($folder);
        } catch (UnreadableFont $e) {
            throw UnusableFont::because($e->getMessage());
        } finally {
            $files->remove($folder);
        }
    }

    private function put(string $path, string $bytes, int $folderMode): void
    {
        if (! WholeFile::put($path, $bytes, $folderMode)) {
            throw Unwritten::because('A file of the font');
        }
    }
}
