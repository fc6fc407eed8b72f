<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('chores', function (Blueprint $table): void {
            // What a part stands where it wears by use, and the parameter that reagents read.
            $table->double('wears_most')->nullable();
            $table->string('wears_of', 40)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('chores', function (Blueprint $table): void {
            $table->dropColumn(['wears_most', 'wears_of']);
        });
    }
};
