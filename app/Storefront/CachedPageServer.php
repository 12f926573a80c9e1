<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Http\Csp;
use Ikat\Core\Season\SeasonCalendar;

/**
 * Answers a public page that is already finished, before the framework is loaded.
 *
 * It asks the database one question, the one row a publish switches, and so never shows a release that is not live. While the
 * database does not answer, the page is shown as it last was. Any other doubt (a cart, a query string, a missing file)
 * leaves the request to the framework.
 */
final class CachedPageServer
{
    /** Seconds the database is waited for. */
    private const PATIENCE = 2;

    /** @param array<string, mixed> $server */
    public static function answer(string $root, array $server): bool
    {
        $path = (string) ($server['REQUEST_URI'] ?? '');
        $isSafe = in_array($server['REQUEST_METHOD'] ?? '', ['GET', 'HEAD'], true);
        if (
            ! $isSafe
            || array_intersect_key($_COOKIE, array_flip(ShopCookies::OWN)) !== []
            || ! preg_match('#^/shop/([a-z0-9]+(?:-[a-z0-9]+)*)(/|(?:/[a-z0-9]+(?:-[a-z0-9]+)*)+)$#D', $path, $m)
        ) {
            return false;
        }
        $settings = self::settings($root);
        $cache = ($settings['LARAVEL_STORAGE_PATH'] ?: "$root/storage").'/pages';
        $time = (int) ($server['REQUEST_TIME'] ?? time());
        $running = static fn(array $timeline): string => SeasonCalendar::keyIn($timeline, $time);
        try {
            $row = self::live($m[1], $settings, $time);
            $page = $row === null
                ? false
                : @file_get_contents(PageCache::place(
                    $cache,
                    $m[1],
                    (int) $row['live_release_id'],
                    $running(json_decode((string) $row['timeline'], true) ?? []),
                    (int) $row['content_version'],
                    PageCache::state(time(), (string) $row['turned']),
                    $path,
                ));
        } catch (\PDOException) {
            $page = (new PageCache($cache))->last($m[1], $path, $running) ?? false;
        }
        if ($page === false) {
            return false;
        }
        header('Content-Type: text/html; charset=UTF-8');
        header('Cache-Control: no-cache, private');
        $isSecure = ($server['HTTPS'] ?? '') === 'on';
        foreach (Csp::headersFor($path, $isSecure) as $name => $value) {
            header("$name: $value");
        }
        echo ($server['REQUEST_METHOD'] ?? '') === 'HEAD' ? '' : $page;

        return true;
    }

    /**
     * The environment where there is one; the file .env where the workers are started without.
     *
     * @return array<'DB_HOST'|'DB_PORT'|'DB_DATABASE'|'DB_USERNAME'|'DB_PASSWORD'|'LARAVEL_STORAGE_PATH', string>
     */
    private static function settings(string $root): array
    {
        $file = getenv('DB_PORT') === false ? (@parse_ini_file("$root/.env", false, INI_SCANNER_RAW) ?: []) : [];
        $settings = [];
        foreach ([
            'DB_HOST' => '127.0.0.1', 'DB_PORT' => '33971', 'DB_DATABASE' => 'ikat', 'DB_USERNAME' => 'ikat', 'DB_PASSWORD' => '',
            'LARAVEL_STORAGE_PATH' => '',
        ] as $name => $otherwise) {
            $settings[$name] = (string) (getenv($name) ?: $file[$name] ?? $otherwise);
        }

        return $settings;
    }

    /**
     * @param array<string, string> $settings
     *
     * @return ?array<string, mixed>
     *
     * @throws \PDOException when the database does not answer
     */
    private static function live(string $slug, array $settings, int $time): ?array
    {
        $pdo = new \PDO(
            sprintf('mysql:host=%s;port=%s;dbname=%s', $settings['DB_HOST'], $settings['DB_PORT'], $settings['DB_DATABASE']),
            $settings['DB_USERNAME'],
            $settings['DB_PASSWORD'],
            [\PDO::ATTR_PERSISTENT => true, \PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION, \PDO::ATTR_TIMEOUT => self::PATIENCE],
        );
        $statement = $pdo
            ->prepare(PageCache::TURNED.', s.live_release_id, s.content_version, r.timeline from storefronts s join releases r on r.id = '
                .'s.live_release_id where s.slug = :slug and s.locked = 0');
        $statement->execute([...PageCache::turns($time), 'slug' => $slug]);

        return $statement->fetch(\PDO::FETCH_ASSOC) ?: null;
    }
}
