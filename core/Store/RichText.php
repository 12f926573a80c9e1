<?php

declare(strict_types=1);

namespace Ikat\Core\Store;

use Symfony\Component\HtmlSanitizer\HtmlSanitizer;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerAction;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;

/**
 * Words with form: paragraphs, headings of the second and third level, lists, quotations, strong and stressed words, links.
 *
 * Whatever somebody wrote or pasted becomes HTML of these elements alone, in one spelling; what is written without any element is
 * paragraphs with blank lines between.
 */
final class RichText
{
    private const BLOCKS = ['p', 'h2', 'h3', 'ul', 'ol', 'blockquote'];

    /** What is inside these is no text of the page. */
    private const DROPPED = [
        'script', 'style', 'template', 'noscript', 'title', 'head', 'svg', 'math', 'object', 'iframe', 'select', 'textarea', 'button',
    ];

    /** What only groups blocks: it goes, and what was in it stays apart from what was around it. */
    private const GROUPS = [
        'div', 'section', 'article', 'main', 'header', 'footer', 'figure', 'figcaption', 'table', 'thead', 'tbody', 'tr', 'dl', 'dt',
        'dd', 'li',
    ];

    /** The same thing by other names. */
    private const SPELLED = ['h1' => 'h2', 'h4' => 'h3', 'h5' => 'h3', 'h6' => 'h3', 'b' => 'strong', 'i' => 'em'];

    /** Where links may lead: within the shop, and by what a browser opens safely. */
    private const LEADS = '~^(?:/(?!/)|#|https?://|mailto:|tel:)~i';

    private static ?HtmlSanitizer $sanitizer = null;

    /** @return string HTML that is safe to stand in a page; empty where nothing can be read of it */
    public static function of(string $written): string
    {
        $written = trim(str_replace(["\r\n", "\r"], "\n", mb_scrub($written)));
        if (preg_match('~</?[a-z!]~i', $written) !== 1) {
            return self::paragraphs($written);
        }
        if (preg_match('~^(?:<p>(?:[^<>&]|&(?:amp|lt|gt);|<br>)+</p>)+$~Du', $written) === 1 && ! str_contains($written, "\n")) {
            return $written;
        }

        // What the head of a document holds is known to the sanitizer there alone; within a text it would be read as words.
        $body = (string) preg_replace('~<(style|title)\b[^>]*>.*?</\1\s*>~is', '', $written);

        return self::formed(self::sanitizer()->sanitize($body));
    }

    /** The words alone, with blank lines between what stands apart. */
    public static function plain(string $written): string
    {
        if (! str_contains($written, '<')) {
            return $written;
        }
        $lines = preg_replace(['~<br>~', '~</(?:p|h2|h3|li|blockquote)>~'], ["\n", "\n\n"], self::of($written));
        $text = self::unescaped((string) preg_replace('~<[^>]*>~', '', (string) $lines));

        return trim((string) preg_replace('~\n{3,}~', "\n\n", $text));
    }

    /**
     * As it stands in the pages of a storefront.
     *
     * @param callable(string): string $address of a page of the shop, from its path => as it is linked
     */
    public static function shown(string $written, callable $address): string
    {
        return (string) preg_replace_callback(
            '~ href="(/[^"]*)"~',
            static fn(array $m): string => ' href="'.htmlspecialchars($address(self::unescaped($m[1])), ENT_QUOTES | ENT_HTML5).'"',
            self::of($written),
        );
    }

    private static function paragraphs(string $plain): string
    {
        $html = '';
        foreach (preg_split('/\n\s*\n/', $plain) ?: [] as $paragraph) {
            $lines = array_filter(array_map(trim(...), explode("\n", $paragraph)), static fn(string $l): bool => $l !== '');
            $html .= $lines === [] ? '' : '<p>'.implode('<br>', array_map(self::escaped(...), $lines)).'</p>';
        }

        return $html;
    }

    /** In one spelling: what stands outside of blocks becomes paragraphs, empty elements go. */
    private static function formed(string $clean): string
    {
        $document = new \DOMDocument();
        $before = libxml_use_internal_errors(true);
        $document->loadHTML('<?xml encoding="utf-8"?><body>'.$clean.'</body>', LIBXML_NONET);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        $body = $document->getElementsByTagName('body')->item(0);
        $html = $body === null ? '' : self::blocks($body);

        return trim($html);
    }

    /** Blocks of an element; what stands between them becomes paragraphs. */
    private static function blocks(\DOMElement $in): string
    {
        [$html, $line] = ['', ''];
        foreach (iterator_to_array($in->childNodes, false) as $node) {
            $name = $node instanceof \DOMElement ? self::name($node) : '';
            if (! in_array($name, [...self::BLOCKS, ...self::GROUPS], true)) {
                $line .= self::inline($node);

                continue;
            }
            $block = in_array($name, self::GROUPS, true) ? self::blocks($node) : self::block($name, $node);
            $html .= self::paragraph('p', $line).$block;
            $line = '';
        }

        return $html.self::paragraph('p', $line);
    }

    private static function block(string $name, \DOMElement $node): string
    {
        if ($name === 'blockquote') {
            $within = self::blocks($node);

            return $within === '' ? '' : "<blockquote>$within</blockquote>";
        }
        if ($name !== 'ul' && $name !== 'ol') {
            return self::paragraph($name, self::inlineOf($node));
        }
        $items = '';
        foreach (iterator_to_array($node->childNodes, false) as $child) {
            if ($child instanceof \DOMElement) {
                $item = in_array(self::name($child), self::BLOCKS, true) ? self::block(self::name($child), $child) : self::blocks($child);
                $items .= $item === '' ? '' : "<li>$item</li>";
            } else {
                $item = self::paragraph('p', self::inline($child));
                $items .= $item === '' ? '' : "<li>$item</li>";
            }
        }

        return $items === '' ? '' : "<$name>$items</$name>";
    }

    private static function paragraph(string $name, string $inline): string
    {
        $inline = (string) preg_replace(['~^(?:\s|<br>)+|(?:\s|<br>)+$~u', '~\s*<br>\s*~'], ['', '<br>'], $inline);

        return trim((string) preg_replace('~<[^>]*>|\x{A0}~u', '', $inline)) === '' ? '' : "<$name>$inline</$name>";
    }

    private static function inlineOf(\DOMElement $node): string
    {
        return implode('', array_map(self::inline(...), iterator_to_array($node->childNodes, false)));
    }

    private static function inline(\DOMNode $node): string
    {
        if ($node instanceof \DOMText) {
            return self::escaped((string) preg_replace('/[ \t\n]+/', ' ', $node->data));
        }
        if (! $node instanceof \DOMElement) {
            return '';
        }
        $name = self::name($node);
        $within = $name === 'br' ? '' : self::inlineOf($node);
        $leads = $name === 'a' ? trim($node->getAttribute('href')) : '';

        return match (true) {
            $name === 'br' => '<br>',
            $name === 'td' || $name === 'th' => "$within ",
            trim($within) === '' => $within,
            in_array($name, ['strong', 'em'], true) => "<$name>$within</$name>",
            $leads !== '' && preg_match(self::LEADS, $leads) === 1
                => '<a href="'.htmlspecialchars($leads, ENT_QUOTES | ENT_HTML5).'">'.$within.'</a>',
            default => $within,
        };
    }

    private static function name(\DOMElement $node): string
    {
        return self::SPELLED[$node->nodeName] ?? $node->nodeName;
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_NOQUOTES | ENT_HTML5);
    }

    private static function unescaped(string $html): string
    {
        return str_replace(['&lt;', '&gt;', '&quot;', '&apos;', '&#039;', '&amp;'], ['<', '>', '"', "'", "'", '&'], $html);
    }

    private static function sanitizer(): HtmlSanitizer
    {
        if (self::$sanitizer === null) {
            $config = (new HtmlSanitizerConfig())
                ->defaultAction(HtmlSanitizerAction::Block)
                ->withMaxInputLength(-1)
                ->allowLinkSchemes(['https', 'http', 'mailto', 'tel'])
                ->allowRelativeLinks();
            foreach ([...self::BLOCKS, ...array_keys(self::SPELLED), ...self::GROUPS, 'td', 'th', 'br', 'strong', 'em'] as $name) {
                $config = $config->allowElement($name);
            }
            $config = $config->allowElement('a', ['href']);
            foreach (self::DROPPED as $name) {
                $config = $config->dropElement($name);
            }
            self::$sanitizer = new HtmlSanitizer($config);
        }

        return self::$sanitizer;
    }
}
