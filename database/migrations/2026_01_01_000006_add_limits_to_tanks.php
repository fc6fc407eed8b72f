<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('tanks', function (Blueprint $table): void {
            // The keeper's own ranges and swings, in base units, by parameter; what is missing is the group's.
            $table->json('limits')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('tanks', function (Blueprint $table): void {
            $table->dropColumn('limits');
        });
    }
};
