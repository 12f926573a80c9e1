<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;

/** core depends on PHP and small pure libraries: what it may name is listed, and there is no framework, file, clock or chance among it. */
final class LayersTest extends TestCase
{
    private const NAMESPACES = [
        'Ikat\Core\\', 'Opis\JsonSchema\\', 'Sabberworm\CSS\\', 'Symfony\Component\CssSelector\\',
        'Symfony\Component\ExpressionLanguage\\', 'Symfony\Component\HtmlSanitizer\\',
    ];

    private const CLASSES = [
        'ArithmeticError', 'Closure', 'DOMDocument', 'DOMElement', 'DOMNode', 'DOMText', 'DOMXPath',
        'DateTimeImmutable', 'DateTimeInterface', 'DateTimeZone',
        'DomainException', 'IntlBreakIterator', 'IntlDateFormatter', 'InvalidArgumentException',
        'Locale', 'LogicException', 'NumberFormatter', 'OutOfBoundsException', 'RuntimeException', 'Throwable', 'Transliterator',
        'TypeError',
        'ValueError', 'WeakMap',
    ];

    private const FUNCTIONS = '
        abs array_chunk array_column array_combine array_diff array_diff_key array_fill array_fill_keys array_filter array_flip
        array_intersect array_intersect_key array_is_list array_key_exists array_key_first array_key_last array_keys array_map
        array_merge array_merge_recursive array_pop array_push array_reduce array_replace array_replace_recursive array_reverse array_search
        array_shift array_slice array_splice array_sum array_unique array_unshift array_values arsort assert atan2 bindec ceil
        checkdate chr cos count ctype_xdigit decbin end exp explode filter_var floatval floor fmod get_debug_type get_object_vars
        gzuncompress hash hash_equals hash_hmac hexdec htmlspecialchars iconv implode in_array intdiv intval is_array is_bool
        is_finite is_float is_int is_numeric is_object is_scalar is_string is_subclass_of iterator_to_array json_decode json_encode
        ksort lcfirst levenshtein libxml_clear_errors libxml_use_internal_errors log ltrim max mb_check_encoding mb_chr
        mb_convert_case mb_ord mb_scrub mb_str_split mb_stripos mb_strlen mb_strpos mb_strtolower mb_strtoupper mb_substr
        method_exists min number_format ord pack pathinfo pow preg_match preg_match_all preg_quote preg_replace
        preg_replace_callback preg_split range rawurlencode round rsort rtrim serialize sin sort spl_object_id sprintf sqrt
        str_contains str_ends_with str_pad str_repeat str_replace str_split str_starts_with stripos strlen strpos strstr strtok strtolower
        strtoupper strtr strval substr substr_count trim uasort ucfirst uksort unpack usort
    ';

    public function testTheCoreNamesOnlyWhatIsPure(): void
    {
        $functions = array_flip(preg_split('/\s+/', trim(self::FUNCTIONS)) ?: []);
        $named = 0;
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(
            dirname(__DIR__, 2).'/core',
            \FilesystemIterator::SKIP_DOTS,
        )) as $file) {
            $tokens = array_values(array_filter(
                \PhpToken::tokenize((string) file_get_contents((string) $file)),
                static fn(\PhpToken $t): bool => ! $t->isIgnorable(),
            ));
            foreach ($tokens as $i => $token) {
                [$before, $after] = [$tokens[$i - 1] ?? null, $tokens[$i + 1] ?? null];
                if ($token->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED]) && ! $before?->is(T_NAMESPACE)) {
                    $name = ltrim($token->text, '\\');
                    $isKnown = in_array($name, self::CLASSES, true)
                        || array_filter(self::NAMESPACES, static fn(string $n): bool => str_starts_with("$name\\", $n)) !== [];
                    self::assertTrue($isKnown, "$file names $name");
                    $named++;
                }
                $isCall = $token->is(T_STRING)
                    && $after?->text === '('
                    && ! $before?->is([T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON, T_FUNCTION, T_NEW]);
                if ($isCall && preg_match('/^[a-z]/', $token->text) === 1) {
                    self::assertArrayHasKey($token->text, $functions, "$file calls $token->text()");
                    $named++;
                }
            }
            // A moment is given or read from what is written; "now" is nobody's in here.
            self::assertDoesNotMatchRegularExpression(
                '/new \\\\?DateTime(Immutable)?\(/',
                implode('', array_map(static fn(\PhpToken $t): string => $t->is(T_NEW) ? 'new ' : $t->text, $tokens)),
                (string) $file,
            );
            foreach ($tokens as $token) {
                self::assertFalse(
                    $token->is([T_EVAL, T_INCLUDE, T_INCLUDE_ONCE, T_REQUIRE, T_REQUIRE_ONCE, T_GLOBAL])
                        || preg_match('/^\$_[A-Z]/', $token->text) === 1,
                    "$file uses $token->text",
                );
            }
        }
        self::assertGreaterThan(1500, $named);
    }
}
