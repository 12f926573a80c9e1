<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** The share of the product page that its pictures take was one of three words and is a percentage now: what was chosen stays. */
return new class extends Migration {
    private const SHARES = ['pictures' => '56.0', 'half' => '48.0', 'words' => '42.0'];

    private const KEPT = ['looks' => ['state'], 'releases' => ['state', 'resolved'], 'edits' => ['settings_changed']];

    public function up(): void
    {
        foreach (self::KEPT as $table => $columns) {
            foreach ($columns as $column) {
                DB::table($table)->where($column, 'like', '%"product.proportion"%')->orderBy('id')->lazyById(100)->each(
                    static fn(object $row) => DB::table($table)->where('id', $row->id)->update([$column => self::measured($row->$column)]),
                );
            }
        }
    }

    private static function measured(string $json): string
    {
        foreach (self::SHARES as $word => $share) {
            $json = str_replace("\"product.proportion\":\"$word\"", "\"product.proportion\":$share", $json);
            $json = (string) preg_replace(
                "/(\"path\":\"product\\.proportion\",\"before\":(?:null|[\\d.]+|\"[a-z]+\"),\"after\":)\"$word\"/",
                "\${1}$share",
                $json,
            );
            $json = str_replace(
                "\"path\":\"product.proportion\",\"before\":\"$word\"",
                "\"path\":\"product.proportion\",\"before\":$share",
                $json,
            );
        }

        return $json;
    }
};
