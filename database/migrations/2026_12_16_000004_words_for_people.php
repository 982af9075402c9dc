<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who comes may be called by a word of the business's own: "dog" and "dogs". */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('services', static function (Blueprint $table): void {
            $table->string('head', 40)->default('')->comment('one of those who come; empty: a person');
            $table->string('heads', 40)->default('');
        });
    }

    public function down(): void
    {
        Schema::table('services', static fn (Blueprint $table) => $table->dropColumn(['head', 'heads']));
    }
};
