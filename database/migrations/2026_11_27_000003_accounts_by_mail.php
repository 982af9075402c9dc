<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Accounts come to be by a mailed link; addresses are compared to the letter, in the one form that MailAddress gives
 * them.
 */
return new class extends Migration
{
    private const ADDRESSES = [
        'users' => 'not null',
        'clients' => 'null',
        'invitations' => 'not null',
        'password_reset_tokens' => 'not null',
    ];

    public function up(): void
    {
        foreach (self::ADDRESSES as $table => $null) {
            DB::table($table)->update(['email' => DB::raw('lower(email)')]);
            DB::statement(
                "alter table `{$table}` modify `email` varchar(190) character set utf8mb4 collate utf8mb4_bin {$null}",
            );
        }
        Schema::create('sign_ups', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('email', 190)->collation('utf8mb4_bin')->index();
            $table->string('password')->comment('hashed');
            $table->char('token_hash', 64)->unique();
            $table->dateTime('expires_at')->index();
        });
    }

    public function down(): void
    {
        Schema::drop('sign_ups');
        foreach (self::ADDRESSES as $table => $null) {
            DB::statement(
                "alter table `{$table}` modify `email` varchar(190) character set utf8mb4 collate utf8mb4_unicode_ci "
                    ."{$null}",
            );
        }
    }
};
