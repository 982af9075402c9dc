<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What every change of the set-up replaces is a version, and is called so. */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::table('businesses', static function (Blueprint $table): void {
            $table->renameColumn('rules_mark', 'rules_version');
        });
    }

    public function down(): void
    {
        Schema::table('businesses', static function (Blueprint $table): void {
            $table->renameColumn('rules_version', 'rules_mark');
        });
    }
};
