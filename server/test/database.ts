export default function setUp(): void {}
