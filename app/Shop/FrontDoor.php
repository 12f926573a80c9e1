<?php

declare(strict_types=1);

namespace App\Shop;

use App\Http\Csp;
use Ikat\Core\Season\SeasonCalendar;

/**
 * Answers a public page that is already finished, before the framework is loaded.
 *
 * It asks the database one question, the one row a publish switches, and so can never show a release that is not live.
 * Any doubt (a cart, a query string, a missing file, no database) leaves the request to the framework.
 */
final class FrontDoor
{
    /** @param array<string, mixed> $server */
    public static function answer(string $root, array $server): bool
    {
        $path = (string) ($server['REQUEST_URI'] ?? '');
        if (($server['REQUEST_METHOD'] ?? '') !== 'GET' || array_intersect_key($_COOKIE, array_flip(ShopCookies::OWN)) !== [] || ! preg_match('#^/shop/([a-z0-9-]+)(/[a-z0-9/-]*)?$#', $path, $m)) {
            return false;
        }
        $row = self::live($m[1]);
        if ($row === null) {
            return false;
        }
        $storage = getenv('LARAVEL_STORAGE_PATH') ?: "$root/storage";
        $file = PageCache::place("$storage/pages", $m[1], (int) $row['live_release_id'], SeasonCalendar::keyIn(json_decode((string) $row['timeline'], true) ?? [], (int) ($server['REQUEST_TIME'] ?? time())), (int) $row['content_version'], gmdate('Ymd'), $path);
        if (! is_file($file)) {
            return false;
        }
        header('Content-Type: text/html; charset=UTF-8');
        header('Cache-Control: no-cache, private');
        foreach (Csp::headersFor($path) as $name => $value) {
            header("$name: $value");
        }
        readfile($file);

        return true;
    }

    /** @return ?array<string, mixed> */
    private static function live(string $slug): ?array
    {
        try {
            $pdo = new \PDO(
                sprintf('mysql:host=%s;port=%s;dbname=%s', getenv('DB_HOST') ?: '127.0.0.1', getenv('DB_PORT'), getenv('DB_DATABASE')),
                (string) getenv('DB_USERNAME'),
                (string) getenv('DB_PASSWORD'),
                [\PDO::ATTR_PERSISTENT => true, \PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION],
            );
            $statement = $pdo->prepare('select s.live_release_id, s.content_version, r.timeline from storefronts s join releases r on r.id = s.live_release_id where s.slug = ? and s.locked = 0');
            $statement->execute([$slug]);

            return $statement->fetch(\PDO::FETCH_ASSOC) ?: null;
        } catch (\PDOException) {
            return null;
        }
    }
}
