<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('keepers', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->boolean('is_demo')->default(false);
            $table->string('volume_unit', 20)->default('litre');
            $table->string('theme', 10)->default('auto');
            $table->string('timezone', 60)->default('UTC');
            $table->decimal('bucket_litres', 6, 2)->default(12);
            $table->decimal('pen_factor', 4, 2)->default(0.5);
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('password_reset_tokens', function (Blueprint $table): void {
            $table->string('email', 190)->primary();
            $table->string('token');
            $table->timestamp('created_at')->nullable();
        });
        Schema::create('kits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keeper_id')->constrained()->cascadeOnDelete();
            $table->string('parameter', 30);
            $table->string('method', 20);
            $table->string('unit', 20);
            $table->double('step')->default(0);
            $table->json('fields')->nullable();
            $table->timestamps();
            $table->unique(['keeper_id', 'parameter']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('kits');
        Schema::dropIfExists('password_reset_tokens');
        Schema::dropIfExists('keepers');
    }
};
