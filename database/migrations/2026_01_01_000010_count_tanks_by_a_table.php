<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('tanks', function (Blueprint $table): void {
            // mm below the rim and litres, for tanks that are known by them alone.
            $table->json('marks')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('tanks', function (Blueprint $table): void {
            $table->dropColumn('marks');
        });
    }
};
