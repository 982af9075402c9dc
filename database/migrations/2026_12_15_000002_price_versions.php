<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A booking keeps the prices it was made under (rules.md, part 5): settings are kept by version, a row a change. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('price_versions', static function (Blueprint $table): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->char('id', 26)->collation('utf8mb4_bin')->comment('of what it says: the same settings are one row');
            $table->json('content');
            $table->dateTime('at');
            $table->primary(['business_id', 'id']);
        });
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->char('price_version', 26)
                ->collation('utf8mb4_bin')
                ->nullable()
                ->after('price')
                ->comment('null: made before versions were kept');
        });
    }

    public function down(): void
    {
        Schema::table('bookings', static fn (Blueprint $table) => $table->dropColumn('price_version'));
        Schema::dropIfExists('price_versions');
    }
};
