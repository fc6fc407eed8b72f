<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('keepers', static function (Blueprint $table): void {
            // The last day that a guest was here; null for whoever has an account.
            $table->date('guest_seen_on')->nullable()->index();
        });
    }

    public function down(): void
    {
        Schema::table('keepers', static function (Blueprint $table): void {
            $table->dropIndex(['guest_seen_on']);
            $table->dropColumn('guest_seen_on');
        });
    }
};
