/** In a file of its own, so that it can be loaded by itself. */
export { Dropdown as default } from "antd";
