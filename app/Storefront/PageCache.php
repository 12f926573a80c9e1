<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Files\WholeFile;

/**
 * Finished public pages, kept on disk for the front door.
 *
 * A page's place carries the release, the seasons that run, the Storeroom's version, the day and the last price that turned, so
 * a page of an earlier state is never found; the folders of earlier states are swept when a new one begins. What is kept of a
 * storefront is bounded, and the oldest goes first. A folder that is full or cannot be written keeps nobody from being answered.
 *
 * Plain PHP: the front door reads places before the framework is loaded.
 */
final class PageCache
{
    /** Bytes and pages kept of one storefront's present state. */
    private const MOST_BYTES = 64_000_000;
    private const MOST_PAGES = 4_000;

    /** What the front door needs to know when the database does not answer. */
    private const LIVE = 'live.json';

    /** A page in the shop's look that says the shop cannot be reached just now. */
    private const UNAVAILABLE = 'unavailable.html';

    /** Asks for the last moment at which a price of the store of s began or ceased to be reduced. */
    public const TURNED = "select greatest(
        coalesce((select max(p.reduced_from) from products p where p.store_id = s.store_id and p.reduced_from <= :began), ''),
        coalesce((select max(p.reduced_until) from products p where p.store_id = s.store_id and p.reduced_until <= :ended), '')
    ) as turned";

    public function __construct(private readonly string $folder) {}

    /** @return array{began: string, ended: string} what TURNED is asked with at a time */
    public static function turns(int $time): array
    {
        return ['began' => gmdate('Y-m-d H:i:s', $time), 'ended' => gmdate('Y-m-d H:i:s', $time)];
    }

    /** @param string $turned what TURNED answers */
    public static function state(int $time, string $turned): string
    {
        return gmdate('Ymd', $time).'-'.preg_replace('/\D/', '', $turned);
    }

    /** @param string $running what seasons run, as a release's timeline names them */
    public static function place(
        string $folder,
        string $slug,
        int $release,
        string $running,
        int $version,
        string $state,
        string $path,
    ): string {
        return sprintf('%s/%s/%s/%s', $folder, $slug, self::generation($release, $version, $state), self::page($running, $path));
    }

    /**
     * @param list<array{int, string}> $timeline of the live release
     * @param callable(): string $unavailable makes the page for when the database is away
     */
    public function keep(
        string $slug,
        int $release,
        array $timeline,
        string $running,
        int $version,
        string $state,
        string $path,
        string $html,
        callable $unavailable,
    ): void {
        $generation = "$this->folder/$slug/".self::generation($release, $version, $state);
        if (! is_dir($generation)) {
            if (! @mkdir($generation, 0o700, true) && ! is_dir($generation)) {
                return;
            }
            $this->sweep($slug, basename($generation));
            WholeFile::put("$this->folder/$slug/".self::UNAVAILABLE, $unavailable());
            WholeFile::put(
                "$this->folder/$slug/".self::LIVE,
                (string) json_encode(['generation' => basename($generation), 'timeline' => $timeline]),
            );
        }
        if ($this->hasRoom($generation, strlen($html))) {
            WholeFile::put("$generation/".self::page($running, $path), $html);
        }
    }

    /** Forgets a storefront's pages: when it is locked, nobody is to be shown any. */
    public function forget(string $slug): void
    {
        if (is_dir("$this->folder/$slug")) {
            $this->sweep($slug, '');
            @unlink("$this->folder/$slug/".self::LIVE);
        }
    }

    /**
     * A finished page as it last was, for when the database does not say what is live.
     *
     * @param callable(list<array{int, string}>): string $running reads a timeline
     */
    public function last(string $slug, string $path, callable $running): ?string
    {
        $live = json_decode((string) @file_get_contents("$this->folder/$slug/".self::LIVE), true);
        if (! is_array($live) || ! is_string($live['generation'] ?? null) || ! is_array($live['timeline'] ?? null)) {
            return null;
        }
        $page = @file_get_contents("$this->folder/$slug/".basename($live['generation']).'/'.self::page($running($live['timeline']), $path));

        return $page === false ? null : $page;
    }

    public function unavailable(string $slug): ?string
    {
        $page = preg_match('/^[a-z0-9-]{1,100}$/D', $slug) === 1 ? @file_get_contents("$this->folder/$slug/".self::UNAVAILABLE) : false;

        return $page === false ? null : $page;
    }

    private static function generation(int $release, int $version, string $state): string
    {
        return "$release-$version-$state";
    }

    private static function page(string $running, string $path): string
    {
        return sha1("$running $path").'.html';
    }

    /** Removes the folders of earlier states. */
    private function sweep(string $slug, string $present): void
    {
        foreach (@scandir("$this->folder/$slug") ?: [] as $name) {
            if ($name !== $present && preg_match('/^\d+-\d+-\d{8}$/D', $name) === 1) {
                foreach (@scandir("$this->folder/$slug/$name") ?: [] as $page) {
                    @unlink("$this->folder/$slug/$name/$page");
                }
                @rmdir("$this->folder/$slug/$name");
            }
        }
    }

    /** Whether a page more fits; makes room by letting the oldest go. */
    private function hasRoom(string $generation, int $bytes): bool
    {
        if ($bytes > self::MOST_BYTES / 20) {
            return false;
        }
        $ages = $sizes = [];
        foreach (@scandir($generation) ?: [] as $page) {
            $file = "$generation/$page";
            if ($page[0] !== '.' && ($stat = @stat($file)) !== false) {
                $ages[$file] = $stat['mtime'];
                $sizes[$file] = $stat['size'];
            }
        }
        if (count($sizes) < self::MOST_PAGES && array_sum($sizes) + $bytes <= self::MOST_BYTES) {
            return true;
        }
        asort($ages);
        foreach (array_slice(array_keys($ages), 0, max(1, intdiv(count($ages), 4))) as $file) {
            @unlink($file);
        }

        return true;
    }
}
