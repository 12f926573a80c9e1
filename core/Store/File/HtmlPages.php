<?php

declare(strict_types=1);

namespace Ikat\Core\Store\File;

use Ikat\Core\Store\RichText;

/**
 * Pages of the shop as one HTML document: an article each, with its address as id, its title as heading, and its words.
 *
 * Any other HTML document is one page: its title and what stands in its body.
 */
final class HtmlPages
{
    private const MOST_TITLE = 120;

    /** Whether a text is a document of HTML, and no table of values. */
    public static function isOne(string $beginning): bool
    {
        $before = '(?:\xEF\xBB\xBF)?\s*(?:<\?xml[^>]*>\s*)?(?:<!--.*?-->\s*)*';

        return preg_match("~^$before<(?:!doctype\s+html|html|head|body|article|h1)\b~is", $beginning) === 1;
    }

    /**
     * @param string $name of the file: the address of a page that says none
     *
     * @return list<array{title: string, address: string, words: string}> words are RichText; an address may be empty
     */
    public static function read(string $html, string $name): array
    {
        $document = new \DOMDocument();
        $before = libxml_use_internal_errors(true);
        // Documents say their letters themselves; those that do not are UTF-8.
        $isSaid = preg_match('~<meta[^>]+charset~i', substr($html, 0, 4096)) === 1;
        $document->loadHTML(($isSaid ? '' : '<?xml encoding="utf-8"?>').$html, LIBXML_NONET);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        $articles = iterator_to_array($document->getElementsByTagName('article'), false);
        $pages = [];
        foreach ($articles as $article) {
            $pages[] = self::page($document, $article, '', trim($article->getAttribute('id')));
        }
        $body = $document->getElementsByTagName('body')->item(0);
        if ($articles === [] && $body !== null) {
            $title = trim((string) $document->getElementsByTagName('title')->item(0)?->textContent);
            $pages[] = self::page($document, $body, $title, (string) preg_replace('~\.[^.]*$~', '', $name));
        }

        return array_values(array_filter($pages, static fn(array $p): bool => $p['title'] !== '' || $p['words'] !== ''));
    }

    /** @param list<array{title: string, address: string, words: string}> $pages words as HTML or plain */
    public static function write(array $pages): string
    {
        $said = static fn(string $text): string => htmlspecialchars($text, ENT_QUOTES | ENT_HTML5);
        $html = "<!DOCTYPE html>\n<html lang=\"en\">\n<head><meta charset=\"utf-8\"><title>Pages</title></head>\n<body>\n";
        foreach ($pages as $page) {
            $head = "<article id=\"{$said($page['address'])}\">\n<h1>{$said($page['title'])}</h1>\n";
            $html .= $head.RichText::of($page['words'])."\n</article>\n";
        }

        return "$html</body>\n</html>\n";
    }

    /** @return array{title: string, address: string, words: string} */
    private static function page(\DOMDocument $document, \DOMElement $of, string $title, string $address): array
    {
        $heading = $of->getElementsByTagName('h1')->item(0);
        $called = trim((string) preg_replace('/\s+/u', ' ', $heading === null ? $title : $heading->textContent));
        // The heading is the title of the page and is not said again in its words.
        if ($heading !== null) {
            $heading->parentNode?->removeChild($heading);
        }
        $words = '';
        foreach (iterator_to_array($of->childNodes, false) as $child) {
            $words .= (string) $document->saveHTML($child);
        }

        return ['title' => mb_substr($called, 0, self::MOST_TITLE), 'address' => $address, 'words' => RichText::of("<div>$words</div>")];
    }
}
