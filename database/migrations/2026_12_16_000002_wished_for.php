<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whom somebody wished for stays known, whoever takes the visit since. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->char('wished_staff', 26)
                ->collation('utf8mb4_bin')
                ->nullable()
                ->after('staff_ids')
                ->comment('null: anyone');
        });
    }

    public function down(): void
    {
        Schema::table('bookings', static fn (Blueprint $table) => $table->dropColumn('wished_staff'));
    }
};
