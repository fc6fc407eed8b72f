<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('kits', function (Blueprint $table): void {
            // When a pen was last set against a standard.
            $table->timestamp('set_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('kits', function (Blueprint $table): void {
            $table->dropColumn('set_at');
        });
    }
};
