<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('bookings', static fn (Blueprint $table) => $table
            ->char('priced_for', 26)
            ->nullable()
            ->comment('the client at whose prices it is held'));
        Schema::table('businesses', static function (Blueprint $table): void {
            $table
                ->unsignedSmallInteger('answer_minutes')
                ->default(1440)
                ->comment('within which a request is answered, as clients are told');
            $table
                ->string('asks_phone', 10)
                ->default('optional')
                ->comment('of clients who book: never, optional or required');
        });
    }

    public function down(): void
    {
        Schema::table('businesses', static fn (Blueprint $table) => $table
            ->dropColumn(['answer_minutes', 'asks_phone']));
        Schema::table('bookings', static fn (Blueprint $table) => $table->dropColumn('priced_for'));
    }
};
