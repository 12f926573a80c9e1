<?php

declare(strict_types=1);

namespace Ikat\Core\Exchange;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/**
 * The form of a theme's tokens: which keys there are and of what kind. Whether what they say makes sense is ThemePackage's to judge.
 *
 * Written as JSON Schema 2020-12 (json-schema.org). A map may be written as an empty list: that is how PHP writes an empty map.
 */
final class ThemeForm
{
    private const MOST_PROBLEMS = 10;

    private const SCHEMA = <<<'JSON'
        {
            "$schema": "https://json-schema.org/draft/2020-12/schema",
            "type": "object",
            "required": ["$extensions", "brand", "scheme"],
            "properties": {
                "$description": {"type": "string"},
                "brand": {"$ref": "#/$defs/group"},
                "scheme": {"$ref": "#/$defs/group"},
                "$extensions": {
                    "type": "object",
                    "required": ["ikat.theme"],
                    "properties": {"ikat.theme": {"$ref": "#/$defs/theme"}}
                }
            },
            "$defs": {
                "group": {"type": ["object", "array"]},
                "scalar": {"type": ["string", "number", "boolean"]},
                "scalars": {
                "type": ["object", "array"], "additionalProperties": {"$ref": "#/$defs/scalar"}, "items": {"$ref": "#/$defs/scalar"}},
                "theme": {
                    "type": "object",
                    "required": ["title", "version", "maker", "starters"],
                    "properties": {
                        "title": {"type": "string"},
                        "version": {"type": "string"},
                        "maker": {"type": "string"},
                        "suits": {"type": "string"},
                        "offers": {"$ref": "#/$defs/scalars"},
                        "settings": {"$ref": "#/$defs/scalars"},
                        "starters": {
                "type": ["object", "array"], "additionalProperties": {"$ref": "#/$defs/starter"}, "items": {"$ref": "#/$defs/starter"}},
                        "own": {"type": "array", "items": {"$ref": "#/$defs/setting"}},
                        "from": {
                "type": ["object", "array"], "additionalProperties": {"$ref": "#/$defs/change"}, "items": {"$ref": "#/$defs/change"}}
                    }
                },
                "starter": {
                    "type": "object",
                    "required": ["title", "words"],
                    "properties": {
                        "title": {"type": "string"},
                        "words": {"type": "string"},
                        "tokens": {"$ref": "#/$defs/group"},
                        "settings": {"$ref": "#/$defs/scalars"}
                    }
                },
                "setting": {
                    "type": "object",
                    "required": ["path", "type", "default"],
                    "properties": {"choices": {"$ref": "#/$defs/scalars"}, "css": {"$ref": "#/$defs/scalars"}},
                    "additionalProperties": {"$ref": "#/$defs/scalar"},
                    "if": {"properties": {"type": {"const": "length"}}},
                    "then": {"required": ["least", "most"]},
                    "else": {"required": ["choices", "css"]}
                },
                "change": {
                    "type": "object",
                    "properties": {
                        "renamed": {"$ref": "#/$defs/scalars"},
                        "removed": {"$ref": "#/$defs/scalars"},
                        "retyped": {
                "type": ["object", "array"], "additionalProperties": {"$ref": "#/$defs/rungs"}, "items": {"$ref": "#/$defs/rungs"}}
                    }
                },
                "rungs": {
                    "type": "array",
                    "items": {
                        "type": "object",
                        "required": ["upto", "to"],
                        "additionalProperties": {"$ref": "#/$defs/scalar"}
                    }
                }
            }
        }
        JSON;

    /** @return list<string> what is wrong, as sentences; none if the form is a theme's */
    public static function problems(string $json): array
    {
        $tokens = json_decode($json, false, 32);
        if (! is_object($tokens)) {
            return ['theme.tokens.json does not have the form of a theme: it is not a JSON object.'];
        }
        $error = (new Validator(max_errors: self::MOST_PROBLEMS))->validate($tokens, self::SCHEMA)->error();
        if ($error === null) {
            return [];
        }
        $formatter = new ErrorFormatter();

        /** @var list<string> $sentences */
        $sentences = $formatter->formatFlat($error, static function (ValidationError $e) use ($formatter): string {
            $place = mb_substr(implode(' → ', array_map(strval(...), $e->data()->fullPath())), 0, 120);

            return 'theme.tokens.json does not have the form of a theme: '.($place === '' ? '' : "at $place, ")
                .lcfirst($formatter->formatErrorMessage($e)).'.';
        });

        return array_values(array_unique($sentences));
    }
}
